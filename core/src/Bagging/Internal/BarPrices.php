<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/**
 * The relaxed problem, in which a pattern may be cut a part of a time, by column generation (Gilmore and Gomory 1961): patterns to
 * round, and prices of the pieces from which a bound follows.
 */
final readonly class BarPrices
{
    private const ROUNDS = 600;
    /** Branches of all patterns together, with few lengths and with many; beyond, the prices are those found so far. */
    private const LOOKS = 400_000;
    private const LOOKS_MANY = 150_000;
    private const FEW = 12;
    /** Lengths beyond which a piece is priced by its length alone. */
    private const SIZES = 60;
    private const EPSILON = 1e-9;
    /** Prices are made whole by it, so that the bound is exact. */
    private const WHOLE = 10_000_000;

    /**
     * @param list<array{pattern: list<int>, times: float}> $patterns that are used
     * @param list<int> $prices of the pieces, whole
     * @param int $dearest what one bar holds at most at these prices; 0 where that is not proved
     */
    private function __construct(public array $patterns, public array $prices, public int $dearest) {}

    public static function of(BarProblem $problem): self
    {
        $count = count($problem->sizes);
        if ($count > self::SIZES) {
            return new self([], $problem->sizes, $problem->room);
        }
        $patterns = $inverse = [];
        foreach ($problem->sizes as $row => $size) {
            $most = max(1, min($problem->counts[$row], intdiv($problem->room, $size)));
            $patterns[$row] = array_fill(0, $count, 0);
            $patterns[$row][$row] = $most;
            $inverse[$row] = array_fill(0, $count, 0.0);
            $inverse[$row][$row] = 1.0 / $most;
        }
        $prices = array_fill(0, $count, 0.0);
        $looks = 0;
        $most = $count > self::FEW ? self::LOOKS_MANY : self::LOOKS;
        for ($round = 0; $round < self::ROUNDS && $looks < $most; ++$round) {
            $prices = self::columnSums($inverse, $count);
            $found = BestPattern::of($problem, $prices);
            $looks += $found['looks'];
            if (
                $found['worth'] <= 1.0 + self::EPSILON ||
                !self::enter($inverse, $patterns, $found['pattern'], $problem)
            ) {
                break;
            }
        }
        $whole = array_map(static fn(float $price): int => max(0, (int) floor($price * self::WHOLE)), $prices);
        $dearest = BestPattern::of($problem, $whole);
        $times = self::solve($inverse, $problem->counts);
        $used = [];
        foreach ($patterns as $row => $pattern) {
            if ($times[$row] > self::EPSILON) {
                $used[] = ['pattern' => $pattern, 'times' => $times[$row]];
            }
        }

        return new self($used, $whole, $dearest['sure'] ? (int) $dearest['worth'] : 0);
    }

    /**
     * Bars needed at least for so many pieces: no bar holds more than the dearest.
     *
     * @param list<int> $counts
     */
    public function bound(array $counts): int
    {
        $sum = 0;
        foreach ($counts as $size => $count) {
            $sum += $count * $this->prices[$size];
        }

        return $this->dearest === 0 ? 0 : intdiv($sum + $this->dearest - 1, $this->dearest);
    }

    /**
     * @param array<int, list<float>> $inverse
     * @return list<float>
     */
    private static function columnSums(array $inverse, int $count): array
    {
        $sums = array_fill(0, $count, 0.0);
        foreach ($inverse as $row) {
            foreach ($row as $column => $value) {
                $sums[$column] += $value;
            }
        }

        return array_values($sums);
    }

    /**
     * @param array<int, list<float>> $inverse
     * @param list<int> $right
     * @return array<int, float>
     */
    private static function solve(array $inverse, array $right): array
    {
        return array_map(
            static fn(array $row): float => array_sum(
                array_map(static fn(float $value, int $count): float => $value * $count, $row, $right),
            ),
            $inverse,
        );
    }

    /**
     * The pattern takes the place of the one that runs out first.
     *
     * @param array<int, list<float>> $inverse
     * @param array<int, list<int>> $patterns
     * @param list<int> $pattern
     */
    private static function enter(array &$inverse, array &$patterns, array $pattern, BarProblem $problem): bool
    {
        $column = self::solve($inverse, $pattern);
        $times = self::solve($inverse, $problem->counts);
        $leaves = null;
        $least = INF;
        foreach ($column as $row => $value) {
            if ($value > self::EPSILON && $times[$row] / $value < $least - self::EPSILON) {
                $least = $times[$row] / $value;
                $leaves = $row;
            }
        }
        if ($leaves === null) {
            return false;
        }
        $pivot = $column[$leaves];
        $inverse[$leaves] = array_map(static fn(float $value): float => $value / $pivot, $inverse[$leaves]);
        foreach ($column as $row => $value) {
            if ($row !== $leaves && $value !== 0.0) {
                $inverse[$row] = array_map(
                    static fn(float $own, float $new): float => $own - $value * $new,
                    $inverse[$row],
                    $inverse[$leaves],
                );
            }
        }
        $patterns[$leaves] = $pattern;

        return true;
    }
}
