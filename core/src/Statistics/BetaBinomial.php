<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/** So many hits of so many tries, when the chance of one is Beta distributed. Gelman and others, Bayesian Data Analysis, appendix A, from memory. */
final readonly class BetaBinomial
{
    /** @return float the chance of just so many hits; `a` and `b` above 0 */
    public static function share(int $hits, int $tries, float $a, float $b): float
    {
        if ($hits < 0 || $hits > $tries) {
            return 0.0;
        }

        return exp(
            Gamma::log($tries + 1.0) -
                Gamma::log($hits + 1.0) -
                Gamma::log($tries - $hits + 1.0) +
                self::logBeta($hits + $a, $tries - $hits + $b) -
                self::logBeta($a, $b),
        );
    }

    private static function logBeta(float $a, float $b): float
    {
        return Gamma::log($a) + Gamma::log($b) - Gamma::log($a + $b);
    }
}
