<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Kit\Kit;

/** The letters with which a kit's serial numbers begin. */
final readonly class KitCode
{
    private const MOST = 6;

    /** The code of kit.json, else the initials of the name, else its first letters. */
    public static function of(Kit $kit): string
    {
        $said = self::plain($kit->head->code);
        if ($said !== '') {
            return substr($said, 0, self::MOST);
        }
        $initials = '';
        foreach (preg_split('~[^\p{L}\p{N}]+~u', $kit->head->name, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $initials .= self::plain(mb_substr($word, 0, 1));
        }

        return strlen($initials) > 1
            ? substr($initials, 0, self::MOST)
            : (substr(self::plain($kit->head->name), 0, 3) ?:
                'KIT');
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('~[^A-Z0-9]~', '', strtoupper($text));
    }
}
