<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/**
 * Exact test of a two by two table with fixed margins, one-sided: more than the rest.
 *
 * Source: R. A. Fisher, Statistical Methods for Research Workers, section 21.02, from memory.
 */
final readonly class Fisher
{
    /** Share of a sum below which a further term is nothing. */
    private const NOTHING = 1e-17;

    /**
     * The chance that at least so many of the hits fall into the group when they fall anywhere.
     *
     * @param int $inside hits in the group
     * @param int $group its size
     * @param int $hits in all
     * @param int $all everything there is; at least as many as group and hits
     * @return float 0..1, to about twelve digits
     */
    public static function atLeast(int $inside, int $group, int $hits, int $all): float
    {
        $least = max(0, $group + $hits - $all);
        $most = min($group, $hits);
        if ($inside <= $least) {
            return 1.0;
        }
        // The thinner tail is summed, outward from the count itself, until nothing is added any more.
        return $inside * $all > $group * $hits
            ? self::upward($inside, $most, $group, $hits, $all)
            : 1.0 - self::downward($inside - 1, $least, $group, $hits, $all);
    }

    private static function upward(int $from, int $most, int $group, int $hits, int $all): float
    {
        $term = Hypergeometric::exactly($from, $all, $group, $hits);
        $sum = 0.0;
        for ($at = $from; $at <= $most && $term > $sum * self::NOTHING; ++$at) {
            $sum += $term;
            $term *= (($group - $at) * ($hits - $at)) / (($at + 1) * ($all - $group - $hits + $at + 1));
        }

        return min(1.0, $sum);
    }

    private static function downward(int $from, int $least, int $group, int $hits, int $all): float
    {
        $term = Hypergeometric::exactly($from, $all, $group, $hits);
        $sum = 0.0;
        for ($at = $from; $at >= $least && $term > $sum * self::NOTHING; --$at) {
            $sum += $term;
            $term *= ($at * ($all - $group - $hits + $at)) / (($group - $at + 1) * ($hits - $at + 1));
        }

        return min(1.0, $sum);
    }
}
