<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/** The logarithm of the gamma function, and the regularised incomplete beta function. */
final readonly class Gamma
{
    /** From here on Stirling's series gives all digits. */
    private const LARGE = 12.0;
    private const PRECISION = 1e-15;
    private const ROUNDS = 10_000;

    /**
     * NIST Digital Library of Mathematical Functions 5.5.1 and 5.11.1, from memory.
     *
     * @param float $x above 0
     */
    public static function log(float $x): float
    {
        $shift = 0.0;
        for (; $x < self::LARGE; ++$x) {
            $shift -= log($x);
        }
        $square = $x * $x;
        $series =
            (1 / 12 - (1 / 360 - (1 / 1260 - (1 / 1680 - 1 / 1188 / $square) / $square) / $square) / $square) / $x;

        return $shift + ($x - 0.5) * log($x) - $x + 0.5 * log(2 * M_PI) + $series;
    }

    /**
     * The share of a beta distribution below x: continued fraction, NIST Digital Library of Mathematical Functions 8.17.22, from
     * memory, evaluated from the front (Lentz).
     *
     * @param float $x 0..1
     * @param float $a above 0
     * @param float $b above 0
     * @param ?float $logBeta of a and b, where the caller has it
     * @return float 0..1
     */
    public static function beta(float $x, float $a, float $b, ?float $logBeta = null): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        // The fraction is quick on one side of the middle only.
        if ($x > ($a + 1.0) / ($a + $b + 2.0)) {
            return 1.0 - self::beta(1.0 - $x, $b, $a, $logBeta);
        }
        $front =
            exp($a * log($x) + $b * log1p(-$x) - ($logBeta ?? self::log($a) + self::log($b) - self::log($a + $b))) / $a;

        return $front / self::fraction($x, $a, $b);
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $value = $above = 1.0;
        $below = 0.0;
        for ($round = 1; $round <= self::ROUNDS; ++$round) {
            $m = intdiv($round, 2);
            $term =
                $round % 2 === 1
                    ? (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1))
                    : ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $below = 1.0 / (1.0 + $term * $below);
            $above = 1.0 + $term / $above;
            $value *= $above * $below;
            if (abs($above * $below - 1.0) < self::PRECISION) {
                break;
            }
        }

        return $value;
    }
}
