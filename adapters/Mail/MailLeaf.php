<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/** A part of a mail that holds no others. */
final readonly class MailLeaf
{
    /** @param array<array-key, mixed> $data of mailparse */
    public function __construct(private array $data, private string $mail, private int $number) {}

    public function type(): string
    {
        return strtolower($this->said('content-type'));
    }

    public function charset(): string
    {
        // mailparse says us-ascii where the mail says nothing.
        return $this->said('charset') === 'us-ascii' &&
            !str_contains(strtolower($this->head('content-type')), 'us-ascii')
            ? ''
            : $this->said('charset');
    }

    /** Whatever is no text to be read in the letter; text with a name of its own is a file too. */
    public function isFile(): bool
    {
        return !in_array($this->type(), ['text/plain', 'text/html'], true) ||
            strtolower($this->said('content-disposition')) === 'attachment' ||
            $this->said('disposition-filename') !== '';
    }

    public function name(): string
    {
        $name = $this->said('disposition-filename');
        $name = Charset::field($name === '' ? $this->said('content-name') : $name);
        $plain = trim(
            (string) preg_replace(
                '~[\x00-\x1F/\\\\:*?"<>|\x{202A}-\x{202E}]+~u',
                ' ',
                basename(strtr($name, '\\', '/')),
            ),
            ' .',
        );

        return $plain === '' ? "file {$this->number}" : mb_substr($plain, 0, 120);
    }

    /** Decoded as the part says; a code that nobody knows stays as it is. */
    public function bytes(): string
    {
        $from = is_int($this->data['starting-pos-body'] ?? null) ? $this->data['starting-pos-body'] : 0;
        $to = is_int($this->data['ending-pos-body'] ?? null) ? $this->data['ending-pos-body'] : $from;
        $raw = substr($this->mail, $from, max(0, $to - $from));

        return match (strtolower($this->said('transfer-encoding'))) {
            'base64' => self::fromBase64($raw),
            'quoted-printable' => quoted_printable_decode($raw),
            default => $raw,
        };
    }

    /** Whatever else stands between the letters of the code is passed over, as RFC 2045 6.8 has it. */
    private static function fromBase64(string $raw): string
    {
        $code = (string) preg_replace('~[^A-Za-z0-9+/]~', '', $raw);
        // A single letter at the end is no whole byte.
        $whole = strlen($code) % 4 === 1 ? substr($code, 0, -1) : $code;

        return (string) base64_decode($whole, true);
    }

    private function said(string $field): string
    {
        $value = $this->data[$field] ?? '';

        return is_string($value) ? $value : '';
    }

    private function head(string $field): string
    {
        $fields = $this->data['headers'] ?? [];
        $value = is_array($fields) ? $fields[$field] ?? '' : '';

        return is_string($value) ? $value : '';
    }
}
