<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

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

        if ($unit === 'Hz' && $range->low > 0.0 && $range->high < 1.0) {
            // Slower than once a second nobody counts in hertz.
            return $words->sentence('page.every', [
                'value' => self::both(
                    new Interval(1 / $range->high, 1 / $range->low),
                    's',
                    $words->sentence('page.to'),
                ),
            ]);
        }

        return match (true) {
            $range->low === -INF => $words->sentence('page.at-most', ['value' => self::end($range->high, $unit, 1)]),
            $range->high === INF => $words->sentence('page.at-least', ['value' => self::end($range->low, $unit, -1)]),
            default => self::both($range, $unit, $words->sentence('page.to')),
        };
    }

    /** Four digits at most; more than a hand meter shows is left out. */
    public static function value(float $value, string $unit): string
    {
        $power = self::power(abs($value), $unit);

        return self::number($value, $power) . "\u{2009}" . self::unit($power, $unit);
    }

    private static function end(float $value, string $unit, int $outward): string
    {
        $power = self::power(abs($value), $unit);

        return self::number($value, $power, $outward) . "\u{2009}" . self::unit($power, $unit);
    }

    private static function both(Interval $range, string $unit, string $to): string
    {
        $power = self::power(max(abs($range->low), abs($range->high)), $unit);

        return self::number($range->low, $power, -1) .
            " {$to} " .
            self::number($range->high, $power, 1) .
            "\u{2009}" .
            self::unit($power, $unit);
    }

    private static function power(float $size, string $unit): int
    {
        return $unit === '' ? 0 : Prefix::forSize($size)->value;
    }

    /** @param int $outward the side of a range it is: -1 rounds down, 1 up, 0 to the nearest */
    private static function number(float $value, int $power, int $outward = 0): string
    {
        $shown = $value / 10 ** $power;
        $decimals = min(3, $shown === 0.0 ? 0 : max(0, 3 - (int) floor(log10(abs($shown)) + 1e-9)));
        if ($outward !== 0) {
            $step = 10 ** $decimals;
            $shown = ($outward * ceil($outward * $shown * $step - 1e-6)) / $step;
        }
        $text = number_format($shown, $decimals, '.', '');

        return str_replace('-', "\u{2212}", str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text);
    }

    private static function unit(int $power, string $unit): string
    {
        return Prefix::from($power)->symbol() . ($unit === 'ohm' ? "\u{03A9}" : $unit);
    }
}
