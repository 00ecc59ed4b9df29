<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/** Student's t distribution; degrees of freedom need not be whole, and without limit it is the normal distribution. */
final readonly class StudentT
{
    /** From here on the normal distribution differs in no digit that is printed. */
    private const UNLIMITED = 1e7;
    private const ROUNDS = 200;

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
        for ($round = 0; $round < self::ROUNDS && $high - $low > 1e-13 * $high; ++$round) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = self::below($middle, $df) < $share ? [$middle, $high] : [$low, $middle];
        }

        return 0.5 * ($low + $high);
    }
}
