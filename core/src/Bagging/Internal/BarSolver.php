<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/** Fewest bars: the relaxed problem rounded down, what is left searched, until as few bars are found as are needed at least. */
final readonly class BarSolver
{
    /** Looks of a search for what is left, and of the whole. */
    private const LOOKS = 12_000;
    private const LOOKS_WHOLE = 60_000;
    /** Lengths up to which the whole answer is searched, and beyond which nothing is; squares of the first. */
    private const FEW = 12 * 12;
    private const MANY = 60;
    /** How often what is left is relaxed anew. */
    private const DIVES = 14;
    /** How many patterns are given back before the search is given up. */
    private const GIVEN_BACK = 12;

    /** @return array{bars: list<list<int>>, bound: int} pieces of each size, bar by bar, sizes as in the problem */
    public function solve(BarProblem $problem): array
    {
        if ($problem->isDone()) {
            return ['bars' => [], 'bound' => 0];
        }
        $prices = BarPrices::of($problem);
        $bound = max($problem->byRoom(), $prices->bound($problem->counts));
        $best = self::firstFit($problem);
        if (count($best) > $bound) {
            $dived = self::dive($problem, $prices);
            $best = count($dived) < count($best) ? $dived : $best;
        }
        foreach ($this->rounded($problem, $prices) as $start) {
            if (count($best) === $bound) {
                break;
            }
            $best = $this->better($best, $start, $problem, $prices, $bound);
        }
        if (count($best) > $bound) {
            $searched = (new BarSearch($problem, $prices))->within($bound, self::looks(self::LOOKS_WHOLE, $problem));
            $best = $searched['bars'] ?? $best;
            $bound += $searched['bars'] === null && $searched['sure'] ? 1 : 0;
        }

        return ['bars' => $best, 'bound' => min($bound, count($best))];
    }

    /**
     * Cuts the whole bars of the relaxed problem, or one of its pattern used most, and relaxes what is left anew.
     *
     * @return list<list<int>>
     */
    private static function dive(BarProblem $problem, BarPrices $prices): array
    {
        $bars = [];
        for ($round = 0; $round < self::DIVES && !$problem->isDone() && $prices->patterns !== []; ++$round) {
            $used = $prices->patterns;
            usort($used, static fn(array $a, array $b): int => $b['times'] <=> $a['times']);
            $counts = $problem->counts;
            foreach ($used as $place => $each) {
                $times = (int) floor($each['times'] + 1e-6);
                for ($time = $place === 0 ? max(1, $times) : $times; $time > 0; --$time) {
                    $bar = self::atMost($each['pattern'], $counts);
                    $counts = array_map(static fn(int $count, int $taken): int => $count - $taken, $counts, $bar);
                    $bars[] = $bar;
                }
            }
            $problem = $problem->left($counts);
            $prices = BarPrices::of($problem);
        }

        $bars = array_values(array_filter($bars, static fn(array $bar): bool => array_sum($bar) > 0));

        return [...$bars, ...self::firstFit($problem)];
    }

    /**
     * Whole bars of the relaxed problem: all of them, then fewer and fewer.
     *
     * @return iterable<list<list<int>>>
     */
    private function rounded(BarProblem $problem, BarPrices $prices): iterable
    {
        $bars = [];
        foreach ($prices->patterns as $each) {
            for ($times = (int) floor($each['times'] + 1e-6); $times > 0; --$times) {
                $bars[] = $each['pattern'];
            }
        }
        yield $bars;
        for ($back = 1; $back <= min(self::GIVEN_BACK, count($bars)); ++$back) {
            // Given back from the end of each run of like bars in turn.
            yield array_slice(self::spread($bars), $back);
        }
    }

    /**
     * Different patterns first, so that what is given back mixes.
     *
     * @param list<list<int>> $bars
     * @return list<list<int>>
     */
    private static function spread(array $bars): array
    {
        $runs = [];
        foreach ($bars as $bar) {
            $runs[implode(',', $bar)][] = $bar;
        }
        $spread = [];
        while ($runs !== []) {
            foreach ($runs as $key => $run) {
                $spread[] = $run[0];
                $runs[$key] = array_slice($run, 1);
            }
            $runs = array_filter($runs, static fn(array $run): bool => $run !== []);
        }

        return $spread;
    }

    /**
     * @param list<list<int>> $best
     * @param list<list<int>> $start bars that are cut anyway
     * @return list<list<int>>
     */
    private function better(array $best, array $start, BarProblem $problem, BarPrices $prices, int $bound): array
    {
        $counts = $problem->counts;
        $kept = [];
        foreach ($start as $bar) {
            $bar = self::atMost($bar, $counts);
            $counts = array_map(static fn(int $count, int $taken): int => $count - $taken, $counts, $bar);
            if (array_sum($bar) > 0) {
                $kept[] = $bar;
            }
        }
        $left = $problem->left($counts);
        $rest =
            (new BarSearch($left, $prices))->within($bound - count($kept), self::looks(self::LOOKS, $problem))[
                'bars'
            ] ?? self::firstFit($left);

        return count($kept) + count($rest) < count($best) ? [...$kept, ...$rest] : $best;
    }

    /** With more lengths each look takes longer; with very many none is worth it. */
    private static function looks(int $most, BarProblem $problem): int
    {
        $lengths = count($problem->sizes);

        return $lengths > self::MANY ? 0 : intdiv($most * self::FEW, max(self::FEW, $lengths * $lengths));
    }

    /** @return list<list<int>> the longest first, each into the first bar that takes it */
    private static function firstFit(BarProblem $problem): array
    {
        $bars = $rooms = [];
        foreach ($problem->sizes as $size => $length) {
            $open = 0;
            for ($piece = 0; $piece < $problem->counts[$size]; ++$piece) {
                while (isset($rooms[$open]) && $rooms[$open] < $length) {
                    ++$open;
                }
                $rooms[$open] ??= $problem->room;
                $bars[$open] ??= array_fill(0, count($problem->sizes), 0);
                $rooms[$open] -= $length;
                ++$bars[$open][$size];
            }
        }

        return array_values($bars);
    }

    /**
     * A pattern may hold more than is left to cut.
     *
     * @param list<int> $pattern
     * @param list<int> $counts
     * @return list<int>
     */
    private static function atMost(array $pattern, array $counts): array
    {
        return array_map(static fn(int $pieces, int $count): int => min($pieces, $count), $pattern, $counts);
    }
}
