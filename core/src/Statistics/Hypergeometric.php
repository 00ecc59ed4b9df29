<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/** Drawing from a lot without putting back. */
final readonly class Hypergeometric
{
    /**
     * The chance of at most so many bad pieces in a sample.
     *
     * @param int $accept bad pieces at most
     * @param int $lot pieces of the lot
     * @param int $bad of them
     * @param int $sample pieces drawn, none to all of the lot
     * @return float 0..1, to about twelve digits
     */
    public static function atMost(int $accept, int $lot, int $bad, int $sample): float
    {
        $all = self::logChoose($lot, $sample);
        $chance = 0.0;
        for ($found = max(0, $sample + $bad - $lot); $found <= min($accept, $bad, $sample); ++$found) {
            $chance += exp(self::logChoose($bad, $found) + self::logChoose($lot - $bad, $sample - $found) - $all);
        }

        return min(1.0, $chance);
    }

    /**
     * The chance of just so many bad pieces in a sample.
     *
     * @param int $found bad pieces; 0 to those of the lot and of the sample
     * @param int $lot pieces of the lot
     * @param int $bad of them
     * @param int $sample pieces drawn
     */
    public static function exactly(int $found, int $lot, int $bad, int $sample): float
    {
        return $found < max(0, $sample + $bad - $lot) || $found > min($bad, $sample)
            ? 0.0
            : exp(
                self::logChoose($bad, $found) +
                    self::logChoose($lot - $bad, $sample - $found) -
                    self::logChoose($lot, $sample),
            );
    }

    private static function logChoose(int $of, int $taken): float
    {
        return self::logFactorial($of) - self::logFactorial($taken) - self::logFactorial($of - $taken);
    }

    /** Summed below 32; above by Stirling's series, NIST Digital Library of Mathematical Functions 5.11.1, from memory. */
    private static function logFactorial(int $n): float
    {
        if ($n < 32) {
            $sum = 0.0;
            for ($i = 2; $i <= $n; ++$i) {
                $sum += log($i);
            }

            return $sum;
        }
        $x = $n + 1.0;
        $series = 1 / (12 * $x) - 1 / (360 * $x ** 3) + 1 / (1260 * $x ** 5) - 1 / (1680 * $x ** 7);

        return ($x - 0.5) * log($x) - $x + 0.5 * log(2 * M_PI) + $series;
    }
}
