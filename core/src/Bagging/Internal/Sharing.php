<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;

/** Splits items into as few bags as their quarrels allow. */
final readonly class Sharing
{
    /** Up to here the least number of bags is searched for; above, items go into the first bag that takes them. */
    private const EXACT = 12;

    public function __construct(private Quarrels $quarrels) {}

    /**
     * @param list<BagItem> $items
     * @return list<list<BagItem>> the peaceful ones all in the first
     */
    public function split(array $items): array
    {
        $foes = $this->quarrels->foes($items);
        $torn = array_keys(array_filter($foes, static fn(array $each): bool => $each !== []));
        $colours = count($torn) <= self::EXACT ? $this->least($torn, $foes) : $this->greedy($torn, $foes);
        $bags = [];
        foreach ($items as $i => $item) {
            $bags[$colours[$i] ?? 0][] = $item;
        }
        ksort($bags);

        return array_values($bags);
    }

    /**
     * @param list<int> $torn
     * @param array<int, list<int>> $foes
     * @return array<int, int> item to bag
     */
    private function least(array $torn, array $foes): array
    {
        // What quarrels needs two bags at least.
        for ($bags = 2; $bags < count($torn); ++$bags) {
            $found = $this->colour($torn, $foes, [], $bags);
            if ($found !== null) {
                return $found;
            }
        }

        return array_flip($torn);
    }

    /**
     * @param list<int> $open
     * @param array<int, list<int>> $foes
     * @param array<int, int> $given
     * @return ?array<int, int> null when that many bags are too few
     */
    private function colour(array $open, array $foes, array $given, int $bags): ?array
    {
        $item = array_shift($open);
        if ($item === null) {
            return $given;
        }
        // A bag not begun yet stands for all such: only the first of them is tried.
        $begun = $given === [] ? 0 : max($given) + 1;
        for ($bag = 0; $bag < min($bags, $begun + 1); ++$bag) {
            if ($this->fits($item, $bag, $foes, $given)) {
                $found = $this->colour($open, $foes, $given + [$item => $bag], $bags);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /**
     * @param list<int> $torn
     * @param array<int, list<int>> $foes
     * @return array<int, int>
     */
    private function greedy(array $torn, array $foes): array
    {
        $given = [];
        foreach ($torn as $item) {
            $bag = 0;
            while (!$this->fits($item, $bag, $foes, $given)) {
                ++$bag;
            }
            $given[$item] = $bag;
        }

        return $given;
    }

    /**
     * @param array<int, list<int>> $foes
     * @param array<int, int> $given
     */
    private function fits(int $item, int $bag, array $foes, array $given): bool
    {
        foreach ($foes[$item] ?? [] as $foe) {
            if (($given[$foe] ?? null) === $bag) {
                return false;
            }
        }

        return true;
    }
}
