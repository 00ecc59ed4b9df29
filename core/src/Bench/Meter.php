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

    /** What a good part may show, each end rounded outward to a reading that the meter can show, in the range that holds it. */
    public function shown(Interval $true): Interval
    {
        $low = $true->low - $this->share * abs($true->low) - self::DIGITS * $this->digit(abs($true->low));
        $high = $true->high + $this->share * abs($true->high) + self::DIGITS * $this->digit(abs($true->high));

        return new Interval(-$this->up(-$low), $this->up($high));
    }

    /** The value of the last digit in the range that holds a reading: 1.999, 19.99, 199.9, ... at most. */
    public function digit(float $reading): float
    {
        if ($reading <= 0.0 || !is_finite($reading)) {
            return 1e-3;
        }

        return 10 ** ceil(log10($reading / (self::COUNTS - 1)) - 1e-12);
    }

    private function up(float $value): float
    {
        $digit = $this->digit(abs($value));

        return is_finite($value) ? ceil($value / $digit - 1e-9) * $digit : $value;
    }
}
