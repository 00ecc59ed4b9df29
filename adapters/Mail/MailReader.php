<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

use DateTimeImmutable;
use Throwable;

/** Reads a mail (RFC 5322, MIME) as far as it can be read; nothing of it is fetched, opened or executed. */
final readonly class MailReader
{
    /** A letter of a person has few parts; a bomb has thousands. */
    private const PARTS = 60;
    private const DEPTH = 8;
    private const FILE_BYTES = 10_485_760;
    private const ALL_BYTES = 33_554_432;
    private const TEXT_BYTES = 200_000;
    private const REFERENCES = 50;

    /** @return ?ReadMail null where it is no mail at all: no head with a sender, a subject or a date */
    public function read(string $bytes): ?ReadMail
    {
        // mailparse passes over a last line without an end.
        $whole = "{$bytes}\n";

        return $this->parsed($whole, []) ?? $this->parsed(self::begun($whole), ['too-many-parts']);
    }

    /** @param list<string> $flags */
    private function parsed(string $bytes, array $flags): ?ReadMail
    {
        $mail = mailparse_msg_create();
        try {
            // It warns of what is too complex for it, and stops.
            if (!@mailparse_msg_parse($mail, $bytes)) {
                return null;
            }
            $tree = new MailTree($mail, $bytes, self::PARTS, self::DEPTH);
            $head = $tree->head();

            return array_intersect(['from', 'subject', 'date', 'message-id'], array_keys($head)) === []
                ? null
                : $this->put($head, $tree, $flags);
        } finally {
            mailparse_msg_free($mail);
        }
    }

    /** As much of a bomb as holds no more parts than a letter of a person has. */
    private static function begun(string $bytes): string
    {
        preg_match_all('~^--~m', substr($bytes, 0, self::TEXT_BYTES), $found, PREG_OFFSET_CAPTURE);

        return substr($bytes, 0, $found[0][self::PARTS][1] ?? self::TEXT_BYTES);
    }

    /**
     * @param array<string, string> $head
     * @param list<string> $flags
     */
    private function put(array $head, MailTree $tree, array $flags): ReadMail
    {
        $flags = [...$flags, ...$tree->flags];
        $files = [];
        $plain = $html = '';
        $room = self::ALL_BYTES;
        foreach ($tree->leaves() as $leaf) {
            $body = $room > 0 ? $leaf->bytes() : '';
            $room -= strlen($body);
            if ($room <= 0 || ($leaf->isFile() && strlen($body) > self::FILE_BYTES)) {
                $flags[] = 'too-large';
                continue;
            }
            if ($leaf->isFile()) {
                $files[] = new MailFile($leaf->name(), $leaf->type(), $body);
                $flags =
                    $leaf->type() === 'application/ms-tnef' || $leaf->name() === 'winmail.dat'
                        ? [...$flags, 'winmail']
                        : $flags;
                continue;
            }
            $decoded = Charset::decoded($body, $leaf->charset());
            $flags = $decoded['isBroken'] ? [...$flags, 'charset'] : $flags;
            if ($leaf->type() === 'text/html') {
                $html .= "{$decoded['text']}\n";
            } else {
                $plain .= "{$decoded['text']}\n";
            }
        }
        $isHtml = trim($plain) === '' && trim($html) !== '';
        $text = $isHtml ? HtmlText::of($html) : $plain;
        if (strlen($text) > self::TEXT_BYTES) {
            $text = mb_strcut($text, 0, self::TEXT_BYTES, 'UTF-8');
            $flags[] = 'too-large';
        }

        return new ReadMail(
            $head,
            self::from($head['from'] ?? ''),
            self::ids($head['message-id'] ?? '')[0] ?? '',
            self::answered($head),
            self::date($head['date'] ?? ''),
            self::clean($text),
            $files,
            array_values(array_unique([...$flags, ...$isHtml ? ['html-only'] : [], ...self::doubts($head, $tree)])),
        );
    }

    /** @return array{name: string, email: string} */
    private static function from(string $field): array
    {
        /** @var list<array{display?: string, address?: string}> $all */
        $all = mailparse_rfc822_parse_addresses($field);
        $first = $all[0] ?? [];
        $email = trim($first['address'] ?? '');
        $name = trim($first['display'] ?? '', " \"'");

        return [
            'name' => $name === $email ? '' : self::clean($name),
            'email' => filter_var($email, FILTER_VALIDATE_EMAIL) === false ? '' : $email,
        ];
    }

    /**
     * What its own head says against its sender. Nobody's word for it is taken: who wrote it stays open either way.
     *
     * @param array<string, string> $head
     * @return list<string>
     */
    private static function doubts(array $head, MailTree $tree): array
    {
        $from = self::from($head['from'] ?? '');
        $reply = self::from($head['reply-to'] ?? '')['email'];
        $checked = strtolower($tree->all('authentication-results') . ' ' . $tree->all('received-spf'));
        $isDoubtful =
            $tree->count('from') > 1 ||
            $from['email'] === '' ||
            preg_match('~\b(spf|dkim|dmarc)\s*=\s*(fail|softfail)\b|^\s*(soft)?fail\b~', trim($checked)) === 1 ||
            (str_contains($from['name'], '@') && !str_contains(strtolower($from['name']), strtolower($from['email'])));

        return [
            ...$isDoubtful ? ['from-doubtful'] : [],
            ...$reply !== '' && self::domain($reply) !== self::domain($from['email']) ? ['reply-elsewhere'] : [],
        ];
    }

    private static function domain(string $email): string
    {
        return strtolower(substr((string) strrchr($email, '@'), 1));
    }

    /**
     * @param array<string, string> $head
     * @return list<string>
     */
    private static function answered(array $head): array
    {
        return array_slice(
            array_values(
                array_unique([
                    ...self::ids($head['in-reply-to'] ?? ''),
                    ...array_reverse(self::ids($head['references'] ?? '')),
                ]),
            ),
            0,
            self::REFERENCES,
        );
    }

    /** @return list<string> */
    private static function ids(string $field): array
    {
        preg_match_all('~<([^<>\s]{3,240})>~', $field, $found);

        return $found[1];
    }

    private static function date(string $field): ?string
    {
        try {
            $date =
                trim($field) === ''
                    ? null
                    : new DateTimeImmutable((string) preg_replace('~\s*\([^)]*\)\s*$~', '', $field));
        } catch (Throwable) {
            return null;
        }
        $year = (int) $date?->format('Y');

        return $date === null || $year < 1990 || $year > 2100 ? null : $date->format(DATE_ATOM);
    }

    /** No letters that a database or a page cannot show. */
    private static function clean(string $text): string
    {
        return trim(
            (string) preg_replace(
                '~[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\x{202A}-\x{202E}\x{2066}-\x{2069}]~u',
                '',
                mb_scrub($text, 'UTF-8'),
            ),
        );
    }
}
