<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Limits;

/** A voltage written as a sum: `9 V - 2 V`. */
final readonly class VoltageSum
{
    /** Volts; null when the text is no such sum. */
    public static function of(string $text): ?float
    {
        if (
            strlen($text) > Limits::VALUE_SIGNS ||
            preg_match('~^\s*[+-]?\s*\d+(?:[.,]\d+)?\s*V?\s*(?:[+-]\s*\d+(?:[.,]\d+)?\s*V?\s*)*$~i', $text) !== 1
        ) {
            return null;
        }
        preg_match_all('~([+-]?)\s*(\d+(?:[.,]\d+)?)~', $text, $terms, PREG_SET_ORDER);
        $sum = 0.0;
        foreach ($terms as [, $sign, $number]) {
            $sum += ($sign === '-' ? -1.0 : 1.0) * (float) str_replace(',', '.', $number);
        }

        return abs($sum) < Limits::NUMBER ? $sum : null;
    }
}
