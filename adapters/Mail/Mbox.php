<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/**
 * Mails of an mbox file (RFC 4155): each begins with a line `From `, behind an empty line; a line of a mail that begins so bears a `>`
 * before it, which is taken away again.
 */
final readonly class Mbox
{
    private const SEPARATOR = '~(?:\A|(?<=\n)\n)From [^\n]{0,300}\d{4}[^\n]{0,20}\n~';

    public static function is(string $bytes): bool
    {
        return str_starts_with($bytes, 'From ') &&
            preg_match(self::SEPARATOR, self::plain(substr($bytes, 0, 2000))) === 1;
    }

    /** @return list<string> each with plain line ends */
    public static function split(string $bytes): array
    {
        $parts = preg_split(self::SEPARATOR, self::plain($bytes)) ?: [];
        $mails = [];
        foreach ($parts as $part) {
            if (trim($part) !== '') {
                $mails[] = (string) preg_replace('~^>(>*From )~m', '$1', $part);
            }
        }

        return $mails;
    }

    private static function plain(string $bytes): string
    {
        return str_replace("\r\n", "\n", $bytes);
    }
}
