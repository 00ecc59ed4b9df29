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
        // What is outside is drawn in its place: few outside are as many inside.
        return Hypergeometric::atMost($hits - $inside, $all, $all - $group, $hits);
    }
}
