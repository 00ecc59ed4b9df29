<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Bom\Data\TwinTable;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Tells when two parts fit the same holes and behave otherwise. */
final readonly class Twins
{
    /** @return ?Reason why one may not simply stand in for the other; null where nothing is known against it */
    public static function between(string $a, string $b): ?Reason
    {
        [$a, $b] = [self::plain($a), self::plain($b)];
        foreach (TwinTable::TWINS as [$one, $other, $code]) {
            if (
                (preg_match($one, $a) === 1 && preg_match($other, $b) === 1) ||
                (preg_match($one, $b) === 1 && preg_match($other, $a) === 1)
            ) {
                return new Reason($code, ['a' => $a, 'b' => $b], Origin::CommonPractice);
            }
        }

        return null;
    }

    /** @return list<Reason> what is known of twins of a part, one for each table row that names it */
    public static function of(string $text): array
    {
        $text = self::plain($text);
        $reasons = [];
        foreach (TwinTable::TWINS as [$one, $other, $code]) {
            if (preg_match($one, $text) === 1 || preg_match($other, $text) === 1) {
                $reasons[$code] = new Reason($code, ['a' => $text, 'b' => ''], Origin::CommonPractice);
            }
        }

        return array_values($reasons);
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('~[\s-]+~u', '', mb_strtolower($text));
    }
}
