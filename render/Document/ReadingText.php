<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bench\Interval;
use Chiralex\Quantity\Prefix;
use ChiralexRender\Words;

/** Readings in words: `4.78 to 5.42 V`, `at least 4.5 V`, `9.09 mA`. */
final readonly class ReadingText
{
    /** @param ?Words $words of the builder's language; English otherwise */
    public static function range(Interval $range, string $unit, ?Words $words = null): string
    {
        $words ??= Words::english();

        return match (true) {
            $range->low === -INF => $words->sentence('page.at-most', ['value' => self::value($range->high, $unit)]),
            $range->high === INF => $words->sentence('page.at-least', ['value' => self::value($range->low, $unit)]),
            default => self::both($range, $unit, $words->sentence('page.to')),
        };
    }

    /** Four digits at most; more than a hand meter shows is left out. */
    public static function value(float $value, string $unit): string
    {
        $power = self::power(abs($value), $unit);

        return self::number($value, $power) . "\u{2009}" . self::unit($power, $unit);
    }

    private static function both(Interval $range, string $unit, string $to): string
    {
        $power = self::power(max(abs($range->low), abs($range->high)), $unit);

        return self::number($range->low, $power) .
            " {$to} " .
            self::number($range->high, $power) .
            "\u{2009}" .
            self::unit($power, $unit);
    }

    private static function power(float $size, string $unit): int
    {
        return $unit === '' ? 0 : Prefix::forSize($size)->value;
    }

    private static function number(float $value, int $power): string
    {
        $shown = $value / 10 ** $power;
        $decimals = $shown === 0.0 ? 0 : max(0, 3 - (int) floor(log10(abs($shown)) + 1e-9));
        $text = number_format($shown, min(3, $decimals), '.', '');

        return str_replace('-', "\u{2212}", str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text);
    }

    private static function unit(int $power, string $unit): string
    {
        return Prefix::from($power)->symbol() . ($unit === 'ohm' ? "\u{03A9}" : $unit);
    }
}
