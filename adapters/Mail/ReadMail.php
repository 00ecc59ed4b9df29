<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/** A mail as far as it could be read. */
final readonly class ReadMail
{
    /**
     * @param array<string, string> $head fields in small letters, decoded, the last of several
     * @param array{name: string, email: string} $from
     * @param list<string> $references Message-IDs without their brackets, of the mails it answers, the nearest first
     * @param ?string $date as `2026-11-28T09:30:00+00:00`; null where it bears none that can be read
     * @param list<MailFile> $files
     * @param list<string> $flags what is odd: `html-only`, `charset`, `winmail`, `too-many-parts`, `too-large`, `from-doubtful`, `reply-elsewhere`
     */
    public function __construct(
        public array $head,
        public array $from,
        public string $messageId,
        public array $references,
        public ?string $date,
        public string $text,
        public array $files,
        public array $flags,
    ) {}

    public function subject(): string
    {
        return $this->head['subject'] ?? '';
    }

    /** @return list<string> Message-IDs that stand anywhere in it: a report of delivery names the mail that came back */
    public function mentioned(): array
    {
        $all = implode("\n", [
            ...array_map(static fn(string $id): string => "<{$id}>", $this->references),
            $this->text,
            ...array_map(
                static fn(MailFile $file): string => $file->bytes,
                array_filter(
                    $this->files,
                    static fn(MailFile $file): bool => in_array(
                        $file->type,
                        ['message/rfc822', 'text/rfc822-headers'],
                        true,
                    ),
                ),
            ),
        ]);
        preg_match_all('~<([^<>\s]{3,240})>~', substr($all, 0, 100_000), $found);

        return array_values(array_unique($found[1]));
    }
}
