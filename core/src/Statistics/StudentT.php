<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/** Student's t distribution; degrees of freedom need not be whole, and without limit it is the normal distribution. */
final readonly class StudentT
{
    /** From here on the normal distribution differs in no digit that is printed. */
    private const UNLIMITED = 1e7;
    private const ROUNDS = 200;
    /** Logarithm of a share that counts for none. */
    private const NOTHING = -40.0;

    /**
     * The share below t.
     *
     * @param float $df above 0; INF for the normal distribution
     */
    public static function below(float $t, float $df): float
    {
        if ($df >= self::UNLIMITED) {
            return Normal::below($t);
        }
        $tail = 0.5 * Gamma::beta($df / ($df + $t * $t), $df / 2.0, 0.5);

        return $t > 0.0 ? 1.0 - $tail : $tail;
    }

    /**
     * The share outside of two values, below the first and above the second.
     *
     * @param float $df above 0; INF for the normal distribution
     */
    public static function outside(float $low, float $high, float $df): float
    {
        if ($df >= self::UNLIMITED) {
            return Normal::below($low) + Normal::below(-$high);
        }
        // The gamma function of a half is the root of pi.
        $logBeta = Gamma::log($df / 2.0) - Gamma::log(($df + 1.0) / 2.0) + 0.5 * log(M_PI);
        $share = 0.0;
        foreach ([$low, -$high] as $t) {
            // Far out the tail is no number that is printed.
            if (-0.5 * $df * log1p(($t * $t) / $df) < self::NOTHING) {
                $share += $t > 0.0 ? 1.0 : 0.0;
                continue;
            }
            $tail = 0.5 * Gamma::beta($df / ($df + $t * $t), $df / 2.0, 0.5, $logBeta);
            $share += $t > 0.0 ? 1.0 - $tail : $tail;
        }

        return $share;
    }

    /**
     * The value below which a share lies.
     *
     * @param float $share above 0, below 1
     * @param float $df above 0; INF for the normal distribution
     */
    public static function quantile(float $share, float $df): float
    {
        if ($df >= self::UNLIMITED) {
            return Normal::quantile($share);
        }
        if ($share < 0.5) {
            return -self::quantile(1.0 - $share, $df);
        }
        $low = 0.0;
        $high = 1.0;
        while (self::below($high, $df) < $share && $high < 1e300) {
            [$low, $high] = [$high, 2.0 * $high];
        }
        $logScale = Gamma::log(($df + 1.0) / 2.0) - Gamma::log($df / 2.0) - 0.5 * log($df * M_PI);
        $t = 0.5 * ($low + $high);
        // Newton, kept between the bounds.
        for ($round = 0; $round < self::ROUNDS && $high - $low > 1e-13 * $high; ++$round) {
            $miss = self::below($t, $df) - $share;
            [$low, $high] = $miss < 0.0 ? [$t, $high] : [$low, $t];
            $step = $miss / exp($logScale - 0.5 * ($df + 1.0) * log1p(($t * $t) / $df));
            if (abs($step) < 1e-14 * $t) {
                return $t - $step;
            }
            $t = $t - $step > $low && $t - $step < $high ? $t - $step : 0.5 * ($low + $high);
        }

        return $t;
    }
}
