<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/** A cheap way to share out many items: filled for every number of bags, then items moved as long as that saves something. */
final readonly class BagShuffle
{
    /** Numbers of bags tried one after the other without getting cheaper. */
    private const PATIENCE = 4;
    private const ROUNDS = 12;

    /**
     * @param list<int> $items each of which may lie alone
     * @return list<BagLoad>
     */
    public static function of(array $items, BagTies $ties, BagLoad $nothing): array
    {
        // Who quarrels most, and what is largest, finds a place first.
        usort(
            $items,
            static fn(int $a, int $b): int => count($ties->never[$b] + $ties->alike[$b]) <=>
            count($ties->never[$a] + $ties->alike[$a]) ?:
            $ties->volumes[$b] <=> $ties->volumes[$a] ?:
            $a <=> $b,
        );
        $best = null;
        $worse = 0;
        for ($bags = 1; $bags <= count($items) && $worse < self::PATIENCE; ++$bags) {
            $shared = self::improved(self::filled($items, $bags, $nothing));
            if ($best === null || self::cost($shared) < self::cost($best)) {
                [$best, $worse] = [$shared, 0];
            } elseif (count($shared) <= $bags) {
                ++$worse;
            }
        }

        return $best ?? [];
    }

    /** @param list<BagLoad> $bags */
    public static function cost(array $bags): int
    {
        return array_sum(array_map(static fn(BagLoad $bag): int => $bag->cost(), $bags));
    }

    /**
     * @param list<int> $items
     * @return list<BagLoad> each item where it adds least, so many bags being paid for; more only where none takes it
     */
    private static function filled(array $items, int $bags, BagLoad $nothing): array
    {
        $shared = array_fill(0, $bags, $nothing);
        foreach ($items as $item) {
            $place = self::cheapest($item, $shared) ?? count($shared);
            $shared[$place] = ($shared[$place] ?? $nothing)->with($item);
        }

        return array_values(array_filter($shared, static fn(BagLoad $bag): bool => !$bag->isEmpty()));
    }

    /**
     * @param list<BagLoad> $bags
     * @return list<BagLoad>
     */
    private static function improved(array $bags): array
    {
        for ($round = 0, $isBetter = true; $isBetter && $round < self::ROUNDS; ++$round) {
            $isBetter = false;
            foreach (array_keys($bags) as $from) {
                foreach ($bags[$from]->items() as $item) {
                    $saved = $bags[$from]->savedBy($item);
                    if ($saved === 0) {
                        continue;
                    }
                    $others = $bags;
                    unset($others[$from]);
                    $to = self::cheapest($item, $others);
                    if ($to !== null && $bags[$to]->more($item) < $saved) {
                        $bags[$from] = $bags[$from]->without($item);
                        $bags[$to] = $bags[$to]->with($item);
                        $isBetter = true;
                    }
                }
            }
            $bags = array_values(array_filter($bags, static fn(BagLoad $bag): bool => !$bag->isEmpty()));
        }

        return $bags;
    }

    /**
     * @param array<int, BagLoad> $bags
     * @return ?int the place of the bag to which the item adds least; null where none may take it
     */
    private static function cheapest(int $item, array $bags): ?int
    {
        $place = null;
        $least = PHP_INT_MAX;
        foreach ($bags as $to => $bag) {
            $more = $bag->more($item);
            if ($more !== null && $more < $least) {
                [$place, $least] = [$to, $more];
            }
        }

        return $place;
    }
}
