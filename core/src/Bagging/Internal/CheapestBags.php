<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/** The cheapest way to share out few items: the best for every set of them, from the sets within it. */
final readonly class CheapestBags
{
    /** Items up to which every way is weighed. */
    public const EXACT = 12;

    /**
     * @param list<int> $items at most as many as are weighed exactly, each of which may lie alone
     * @return list<BagLoad>
     */
    public static function of(array $items, BagLoad $nothing): array
    {
        $loads = self::loads($items, $nothing);
        $prices = array_map(static fn(?BagLoad $load): ?int => $load?->cost(), $loads);
        $least = [0];
        $last = [];
        for ($set = 1; $set < 1 << count($items); ++$set) {
            $low = $set & -$set;
            $rest = $set ^ $low;
            $best = PHP_INT_MAX;
            // The bag of the first item, with every part of the others.
            for ($part = $rest; $part >= 0; $part = $part === 0 ? -1 : ($part - 1) & $rest) {
                $bag = $prices[$part | $low];
                if ($bag !== null && $bag + $least[$rest ^ $part] < $best) {
                    $best = $bag + $least[$rest ^ $part];
                    $last[$set] = $part | $low;
                }
            }
            $least[$set] = $best;
        }
        $bags = [];
        for ($set = (1 << count($items)) - 1; $set > 0; $set ^= $last[$set]) {
            $bags[] = $loads[$last[$set]] ?? $nothing;
        }

        return $bags;
    }

    /**
     * @param list<int> $items
     * @return list<?BagLoad> for every set of items, null where they may not lie together
     */
    private static function loads(array $items, BagLoad $nothing): array
    {
        $loads = [$nothing];
        foreach ($items as $item) {
            foreach ($loads as $load) {
                $loads[] = $load?->more($item) === null ? null : $load->with($item);
            }
        }

        return $loads;
    }
}
