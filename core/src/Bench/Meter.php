<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** A hand meter of 2000 counts: its digits, and its error as a share of the reading and two digits. */
final readonly class Meter
{
    private const COUNTS = 2000;
    private const DIGITS = 2;
    /** Where the test names none; common practice, no source. */
    private const USUAL = 0.01;

    private function __construct(private float $share) {}

    /** @param string $accuracy `0.5 %` as a test names it, or empty */
    public static function of(string $accuracy): self
    {
        return new self(
            preg_match('~(\d+(?:[.,]\d+)?)\s*%~', $accuracy, $found) === 1
                ? (float) str_replace(',', '.', $found[1]) / 100
                : self::USUAL,
        );
    }

    /** What a good part may show, rounded outward to the digits of the range that holds it. */
    public function shown(Interval $true): Interval
    {
        $digit = $this->digit(max(abs($true->low), abs($true->high)));
        $low = $true->low - $this->share * abs($true->low) - self::DIGITS * $digit;
        $high = $true->high + $this->share * abs($true->high) + self::DIGITS * $digit;

        return new Interval(floor($low / $digit + 1e-9) * $digit, ceil($high / $digit - 1e-9) * $digit);
    }

    /** The value of the last digit in the range that holds a reading: 2, 20, 200, ... full scale. */
    public function digit(float $reading): float
    {
        if ($reading <= 0.0 || !is_finite($reading)) {
            return 1e-3;
        }
        $scale = 2 * 10 ** ceil(log10($reading / 2) - 1e-12);

        return $scale / self::COUNTS;
    }
}
