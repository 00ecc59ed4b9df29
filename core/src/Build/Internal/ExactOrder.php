<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Score;
use Chiralex\Kit\School;

/**
 * The best order of up to nine parts, more where some are twins, by dynamic programming over the sets of parts done.
 *
 * A state is the set done, the last part's kind and value, and the side each board last lay on; the cost of a step depends
 * on nothing else, and costs add up field by field, so the least cost of each state is enough.
 */
final readonly class ExactOrder
{
    public const MOST = 9;
    /** With twins, which are taken in their own order, up to so many parts and sets. */
    private const MOST_TWINS = 12;
    private const MOST_SETS = 512;

    /**
     * @param array<string, string> $endSides board to the side its ICs go in on after soldering
     * @param ?int $start the last item, which was done before and only counts as neighbour; null where nothing was
     * @param array<string, string> $sides board to the side it lies on at the beginning
     */
    public function __construct(
        private Items $items,
        private Costs $costs,
        private StepLimits $limits,
        private School $school,
        private array $endSides = [],
        private ?int $start = null,
        private array $sides = [],
    ) {}

    /** True when the search ends soon. */
    public static function reaches(Items $items, Costs $costs): bool
    {
        return $items->count() <= self::MOST ||
            ($items->count() <= self::MOST_TWINS && $costs->states(range(0, $items->count() - 1)) <= self::MOST_SETS);
    }

    /** @return list<list<int>> steps */
    public function steps(): array
    {
        $all = (1 << ($this->start ?? $this->items->count())) - 1;
        $candidates = $this->candidates($all);
        /** @var array<int, array<string, array{list<int>, int, array<string, string>, ?array{int, string}, list<int>}>> $states cost, last item, sides, previous state, step */
        $states = [
            0 => [
                '' => [(new Score())->key($this->school), $this->start ?? -1, $this->sides, null, []],
            ],
        ];
        $hangs = [];
        for ($mask = 0; $mask < $all; ++$mask) {
            foreach ($states[$mask] ?? [] as $key => $state) {
                foreach ($candidates as [$set, $step, $waits, $alike, $inverted]) {
                    if (($set & $mask) !== 0 || ($waits & ~$mask) !== 0) {
                        continue;
                    }
                    $hanging = $hangs[$mask][$set] ??= $this->costs->hanging($step, $this->members($mask));
                    $next = $this->next(
                        $state,
                        [$mask, (string) $key],
                        $step,
                        $alike,
                        $hanging,
                        $this->popcounts($inverted, $mask),
                    );
                    $nextKey = $this->stateKey($next);
                    $known = $states[$mask | $set][$nextKey] ?? null;
                    if ($known === null || $next[0] < $known[0]) {
                        $states[$mask | $set][$nextKey] = $next;
                    }
                }
            }
        }

        return $this->trace($states, $all);
    }

    /** @return list<array{int, list<int>, int, int, list<int>}> set, sorted step, items it waits for, look-alike pairs, items each member inverts under */
    private function candidates(int $all): array
    {
        $waits = $inverted = [];
        for ($i = 0; $i < ($this->start ?? $this->items->count()); ++$i) {
            $waits[$i] = array_sum(
                array_map(
                    static fn(int $item): int => 1 << $item,
                    array_filter(array_keys($this->items->before[$i]), fn(int $item): bool => $item !== $this->start),
                ),
            );
            $inverted[$i] = 0;
            for ($j = 0; $j < ($this->start ?? $this->items->count()); ++$j) {
                $inverted[$i] |= $j !== $i && $this->costs->inverts($j, $i) ? 1 << $j : 0;
            }
        }
        $twins = $all === 0 ? [] : $this->costs->twins(range(0, ($this->start ?? $this->items->count()) - 1));
        $candidates = [];
        for ($set = 1; $set <= $all; ++$set) {
            $step = $this->members($set);
            $wait = $chain = 0;
            foreach ($step as $item) {
                $wait |= (int) $waits[$item];
                $chain |= isset($twins[$item]) && (($set >> $twins[$item]) & 1) === 0 ? 1 << $twins[$item] : 0;
            }
            // Rules hold between steps: a part and what it waits for are never in one.
            if (($wait & $set) === 0 && $this->limits->allows($step)) {
                $candidates[] = [
                    $set,
                    $this->items->sorted($step),
                    $wait | $chain,
                    $this->items->lookAlikesIn($step),
                    array_map(static fn(int $item): int => $inverted[$item], $step),
                ];
            }
        }

        return $candidates;
    }

    /**
     * @param array{list<int>, int, array<string, string>, ?array{int, string}, list<int>} $state
     * @param array{int, string} $from
     * @param list<int> $step
     * @return array{list<int>, int, array<string, string>, array{int, string}, list<int>}
     */
    private function next(array $state, array $from, array $step, int $alike, int $hanging, int $inversions): array
    {
        [$cost, $last, $sides] = $state;
        $first = $step[0] ?? 0;
        $board = $this->items->board($first);
        $side = $this->items->side($first)->value;
        $flip = isset($sides[$board]) && $sides[$board] !== $side ? 1 : 0;
        $sides[$board] = $side;
        [$blocks, $kinds, $values] = $this->costs->switches($last < 0 ? null : $last, $step);
        $added = (new Score(0, $inversions, $alike, $hanging, $flip, $blocks, $kinds, $values, 1))->key($this->school);
        foreach ($added as $index => $amount) {
            $cost[$index] = ($cost[$index] ?? 0) + $amount;
        }

        return [array_values($cost), $step[count($step) - 1] ?? -1, $sides, $from, $step];
    }

    /** @param array{list<int>, int, array<string, string>, ?array{int, string}, list<int>} $state */
    private function stateKey(array $state): string
    {
        $last = $state[1];
        ksort($state[2]);

        return ($last < 0
            ? ''
            : "{$this->items->kinds[$last]}|{$this->items->values[$last]}|{$this->items->blocks->of[$last]}") .
            '|' .
            implode(',', $state[2]) .
            '|' .
            implode(',', array_keys($state[2]));
    }

    /**
     * @param array<int, array<string, array{list<int>, int, array<string, string>, ?array{int, string}, list<int>}>> $states
     * @return list<list<int>>
     */
    private function trace(array $states, int $all): array
    {
        $best = $least = null;
        foreach ($states[$all] ?? [] as $state) {
            $turns = count(
                array_filter(
                    $this->endSides,
                    static fn(string $side, string $board): bool => ($state[2][$board] ?? $side) !== $side,
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            $ending = (new Score(flips: $turns))->key($this->school);
            $cost = array_map(static fn(int $a, int $b): int => $a + $b, $state[0], $ending);
            if ($least === null || $cost < $least) {
                [$best, $least] = [$state, $cost];
            }
        }
        $steps = [];
        while ($best !== null && $best[3] !== null) {
            $steps[] = $best[4];
            $best = $states[$best[3][0]][$best[3][1]] ?? null;
        }

        return array_reverse($steps);
    }

    /** @return list<int> */
    private function members(int $set): array
    {
        $members = [];
        for ($i = 0; $i < ($this->start ?? $this->items->count()); ++$i) {
            if ((($set >> $i) & 1) === 1) {
                $members[] = $i;
            }
        }

        return $members;
    }

    /** @param list<int> $sets */
    private function popcounts(array $sets, int $mask): int
    {
        $count = 0;
        foreach ($sets as $set) {
            $count += substr_count(decbin($set & $mask), '1');
        }

        return $count;
    }
}
