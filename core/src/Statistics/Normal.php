<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/** The normal distribution of mean 0 and standard deviation 1. */
final readonly class Normal
{
    private const SMALL = 3.0;
    private const ROUNDS = 200;

    /** The share below x; NIST Digital Library of Mathematical Functions 7.6.2 and 7.9.1, from memory. */
    public static function below(float $x): float
    {
        return $x > 0.0 ? 1.0 - self::above(-$x) : self::above($x);
    }

    /**
     * The value below which a share lies.
     *
     * @param float $share above 0, below 1
     */
    public static function quantile(float $share): float
    {
        if ($share > 0.5) {
            return -self::quantile(1.0 - $share);
        }
        // A start from the tail, then Newton: the curve is convex here, so it comes from one side.
        $t = sqrt(-2.0 * log($share));
        $x = -($t - (2.30753 + 0.27061 * $t) / (1.0 + 0.99229 * $t + 0.04481 * $t * $t));
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $step = (self::below($x) - $share) / self::density($x);
            $x -= $step;
            if (abs($step) < 1e-14 * (1.0 + abs($x))) {
                break;
            }
        }

        return $x;
    }

    private static function density(float $x): float
    {
        return exp(-0.5 * $x * $x) / sqrt(2.0 * M_PI);
    }

    /** The share below a negative x. */
    private static function above(float $x): float
    {
        $x = -$x;
        if ($x < self::SMALL) {
            $term = $sum = $x;
            for ($n = 1; $n < self::ROUNDS && abs($term) > 1e-17; ++$n) {
                $term *= ($x * $x) / (2 * $n + 1);
                $sum += $term;
            }

            return 0.5 - self::density($x) * $sum;
        }
        $fraction = $x;
        for ($n = 60; $n > 0; --$n) {
            $fraction = $x + $n / $fraction;
        }

        return self::density($x) / $fraction;
    }
}
