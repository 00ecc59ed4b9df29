<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\School;

/**
 * An order for boards of any size: step after step the parts that cost least, never one whose rules are not met.
 *
 * Lowest first takes what no lower part still waits under; kind by kind closes a kind before it opens the next; block by
 * block stays in a block.
 */
final readonly class ConstructedOrder
{
    /** @var array<int, list<int>> what has to follow each item */
    private array $after;

    /**
     * @param list<string> $placesFirst board sides in the order to begin them
     * @param bool $fill true to fill steps with whole further kinds
     * @param list<float> $urgency height a part is sorted by: its own, or that of a lower part waiting for it
     */
    public function __construct(
        private Items $items,
        private Costs $costs,
        private StepLimits $limits,
        private School $school,
        private array $placesFirst,
        private bool $fill,
        private array $urgency,
    ) {
        $after = array_fill(0, $items->count(), []);
        foreach ($items->before as $item => $befores) {
            foreach (array_keys($befores) as $before) {
                $after[$before][] = $item;
            }
        }
        $this->after = $after;
    }

    /** @return list<list<int>> */
    public function steps(): array
    {
        $count = $this->items->count();
        $waits = array_map(count(...), $this->items->before);
        $left = array_fill(0, $count, true);
        $steps = [];
        $last = null;
        while ($left !== []) {
            $ready = array_values(array_filter(array_keys($left), static fn(int $item): bool => $waits[$item] === 0));
            if ($ready === []) {
                break; // a cycle; the planner has refused it before
            }
            $step = $this->items->sorted($this->nextStep($ready, array_keys($left), $last));
            foreach ($step as $item) {
                unset($left[$item]);
                foreach ($this->after[$item] as $next) {
                    --$waits[$next];
                }
            }
            $steps[] = $step;
            $last = $step[count($step) - 1] ?? $last;
        }

        return $steps;
    }

    /**
     * @param list<int> $ready
     * @param list<int> $left
     * @return list<int>
     */
    private function nextStep(array $ready, array $left, ?int $last): array
    {
        if ($this->school === School::BlockByBlock) {
            $blocks = array_unique(array_map(fn(int $item): string => $this->items->blocks->of[$item], $ready));
            $current = $last === null ? null : $this->items->blocks->of[$last];
            $now = $current !== null && in_array($current, $blocks, true) ? $current : $this->firstBlock($blocks);
            $ready = array_values(
                array_filter($ready, fn(int $item): bool => $this->items->blocks->of[$item] === $now),
            );
            $left = array_values(array_filter($left, fn(int $item): bool => $this->items->blocks->of[$item] === $now));
        }
        if ($this->school === School::KindByKind) {
            $kind = $this->nextKind($ready, $left, $last);
            $ready = array_values(array_filter($ready, fn(int $item): bool => $this->items->kinds[$item] === $kind));
            $left = array_values(array_filter($left, fn(int $item): bool => $this->items->kinds[$item] === $kind));
        }
        [$cost, $left] = $this->nextPlace($ready, $left, $last);

        return $this->pick($cost, $left, $last);
    }

    /**
     * @param array<int, int> $cost of each part that is ready on one side of one board
     * @param list<int> $left what is left there
     * @return list<int>
     */
    private function pick(array $cost, array $left, ?int $last): array
    {
        $free = $cost === [] ? [] : array_keys($cost, min($cost), true);
        usort(
            $free,
            fn(int $a, int $b): int => $this->urgency[$a] <=> $this->urgency[$b] ?:
            $this->items->heights[$a] <=> $this->items->heights[$b] ?:
            $a <=> $b,
        );
        $kind = $this->kindToTake($free, $left, $last);
        $step = [];
        foreach (
            $this->items->sorted(
                array_values(array_filter($free, fn(int $item): bool => $this->items->kinds[$item] === $kind)),
            ) as $item
        ) {
            $step = $this->tryAdd($step, $item);
        }
        $goesOn =
            array_filter(array_diff($left, $step), fn(int $item): bool => $this->items->kinds[$item] === $kind) !== [];
        if (!$this->fill || $goesOn) {
            return $step; // the next step goes on with this kind
        }
        foreach ($this->wholeKinds($free, $left, $kind) as $items) {
            $with = $step;
            foreach ($items as $item) {
                $with = $this->tryAdd($with, $item);
            }
            $step = count($with) === count($step) + count($items) ? $with : $step;
        }

        return $step;
    }

    /**
     * @param list<int> $step
     * @return list<int>
     */
    private function tryAdd(array $step, int $item): array
    {
        if ($step === []) {
            return [$item];
        }
        $with = [...$step, $item];

        return $this->limits->allows($with) && $this->items->lookAlikesIn($with) === 0 ? $with : $step;
    }

    /**
     * Unforced inversions that taking each part now would make: the lower parts left, less those that have to follow it.
     *
     * @param list<int> $ready all on one side of one board
     * @param list<int> $left what is left there
     * @return array<int, int>
     */
    private function inversionCosts(array $ready, array $left): array
    {
        $heights = $this->items->heights;
        $sorted = array_map(static fn(int $item): float => $heights[$item], $left);
        sort($sorted);
        $here = array_fill_keys($left, true);
        $cost = [];
        foreach ($ready as $item) {
            $limit = $heights[$item] - Costs::INVERSION - 1e-9;
            $cost[$item] = self::countBelow($sorted, $limit);
            foreach ($this->after[$item] as $follower) {
                $cost[$item] -= isset($here[$follower]) && $heights[$follower] < $limit ? 1 : 0;
            }
        }

        return $cost;
    }

    /** @param list<float> $sorted */
    private static function countBelow(array $sorted, float $limit): int
    {
        [$low, $high] = [0, count($sorted)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($sorted[$middle] < $limit) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * The kind at hand goes on while it can; else the kind of the lowest part, a kind that can be finished first.
     *
     * @param list<int> $free sorted lowest first
     * @param list<int> $left
     */
    private function kindToTake(array $free, array $left, ?int $last): string
    {
        $kinds = array_map(fn(int $item): string => $this->items->kinds[$item], $free);
        if ($last !== null && in_array($this->items->kinds[$last], $kinds, true)) {
            return $this->items->kinds[$last];
        }
        $open = array_count_values(array_map(fn(int $item): string => $this->items->kinds[$item], $left));
        $here = array_count_values($kinds);
        foreach ($kinds as $kind) {
            if ($open[$kind] === $here[$kind]) {
                return $kind;
            }
        }

        return $kinds[0] ?? '';
    }

    /**
     * Kinds of which every part left here can go into this step.
     *
     * @param list<int> $free
     * @param list<int> $left
     * @return array<string, list<int>>
     */
    private function wholeKinds(array $free, array $left, string $but): array
    {
        $open = array_count_values(array_map(fn(int $item): string => $this->items->kinds[$item], $left));
        $groups = [];
        foreach ($free as $item) {
            $groups[$this->items->kinds[$item]][] = $item;
        }

        return array_filter(
            $groups,
            static fn(array $items, string $kind): bool => $kind !== $but && count($items) === $open[$kind],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * The side the board lies on goes on while it makes no inversion; else the next side that makes none.
     *
     * @param list<int> $ready
     * @param list<int> $left
     * @return array{array<int, int>, list<int>} the cost of each part ready on that side, and what is left there
     */
    private function nextPlace(array $ready, array $left, ?int $last): array
    {
        $readyAt = $this->byPlace($ready);
        $leftAt = $this->byPlace($left);
        $fallback = null;
        foreach (
            array_unique([...$last === null ? [] : [$this->items->places[$last]], ...$this->placesFirst]) as $place
        ) {
            if (!isset($readyAt[$place])) {
                continue;
            }
            $cost = $this->inversionCosts($readyAt[$place], $leftAt[$place] ?? []);
            $fallback ??= [$cost, $leftAt[$place] ?? []];
            if ($this->school === School::KindByKind || in_array(0, $cost, true)) {
                return [$cost, $leftAt[$place] ?? []];
            }
        }

        return $fallback ?? [[], []];
    }

    /**
     * @param list<int> $items
     * @return array<string, list<int>>
     */
    private function byPlace(array $items): array
    {
        $at = [];
        foreach ($items as $item) {
            $at[$this->items->places[$item]][] = $item;
        }

        return $at;
    }

    /**
     * @param list<int> $ready
     * @param list<int> $left
     */
    private function nextKind(array $ready, array $left, ?int $last): string
    {
        $kinds = array_values(array_unique(array_map(fn(int $item): string => $this->items->kinds[$item], $ready)));
        if ($last !== null && in_array($this->items->kinds[$last], $kinds, true)) {
            return $this->items->kinds[$last];
        }
        $best = $kinds[0] ?? '';
        $bestKey = null;
        foreach ($kinds as $kind) {
            $mine = array_filter($left, fn(int $item): bool => $this->items->kinds[$item] === $kind);
            $others = array_diff($left, $mine);
            $blocked =
                count($mine) - count(array_filter($ready, fn(int $item): bool => $this->items->kinds[$item] === $kind));
            $inversions = 0;
            foreach ($mine as $a) {
                foreach ($others as $b) {
                    $inversions += $this->costs->inverts($a, $b) ? 1 : 0;
                }
            }
            $height =
                array_sum(array_map(fn(int $item): float => $this->items->heights[$item], $mine)) /
                max(1, count($mine));
            $key = [$blocked > 0 ? 1 : 0, $inversions, $height, $kind];
            if ($bestKey === null || $key < $bestKey) {
                [$best, $bestKey] = [$kind, $key];
            }
        }

        return $best;
    }

    /** @param array<int, string> $blocks */
    private function firstBlock(array $blocks): string
    {
        foreach ($this->items->blocks->order as $block) {
            if (in_array($block, $blocks, true)) {
                return $block;
            }
        }

        return '';
    }
}
