<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/** The pattern of one bar that is worth most: a bounded knapsack by branch and bound, best worth a length first. */
final readonly class BestPattern
{
    /** Branches looked at; beyond, the best so far is no proof. */
    private const MOST = 60_000;
    private const EPSILON = 1e-12;

    /**
     * @param list<int|float> $worths of one piece of each size, exact where they are whole
     * @return array{worth: int|float, pattern: list<int>, sure: bool, looks: int} pieces of each size
     */
    public static function of(BarProblem $problem, array $worths): array
    {
        $order = array_values(
            array_filter(
                array_keys($worths),
                static fn(int $size): bool => $worths[$size] > self::EPSILON && $problem->counts[$size] > 0,
            ),
        );
        usort(
            $order,
            static fn(int $a, int $b): int => $worths[$b] * $problem->sizes[$a] <=> $worths[$a] * $problem->sizes[$b] ?:
            $a <=> $b,
        );
        [$best, $found, $looks] = self::search(
            array_map(static fn(int $size): int|float => $worths[$size], $order),
            array_map(static fn(int $size): int => $problem->sizes[$size], $order),
            array_map(static fn(int $size): int => $problem->counts[$size], $order),
            $problem->room,
        );
        $taken = [];
        foreach ($order as $place => $size) {
            $taken[$size] = $found[$place] ?? 0;
        }

        return [
            'worth' => $best,
            'pattern' => array_map(static fn(int $size): int => $taken[$size] ?? 0, array_keys($worths)),
            'sure' => $looks <= self::MOST,
            'looks' => $looks,
        ];
    }

    /**
     * Goes down by taking as many as fit, comes back by taking one less.
     *
     * @param list<int|float> $worths best worth a length first
     * @param list<int> $lengths
     * @param list<int> $counts
     * @return array{int|float, array<int, int>, int} worth, pieces of each, branches looked at
     */
    private static function search(array $worths, array $lengths, array $counts, int $room): array
    {
        $best = $looks = $depth = 0;
        $found = $taken = [];
        $rooms = [$room];
        $sums = [0];
        $isGoingDown = true;
        while ($depth >= 0) {
            if ($isGoingDown) {
                if ($sums[$depth] > $best) {
                    $best = $sums[$depth];
                    $found = array_slice($taken, 0, $depth);
                }
                $isOpen =
                    isset($lengths[$depth]) &&
                    ++$looks <= self::MOST &&
                    $sums[$depth] + ($worths[$depth] * $rooms[$depth]) / $lengths[$depth] > $best + self::EPSILON;
                if (!$isOpen) {
                    $isGoingDown = false;
                    --$depth;
                    continue;
                }
                $taken[$depth] = min($counts[$depth], intdiv($rooms[$depth], $lengths[$depth]));
            } elseif ($taken[$depth] === 0) {
                --$depth;
                continue;
            } else {
                --$taken[$depth];
            }
            $rooms[$depth + 1] = $rooms[$depth] - $taken[$depth] * $lengths[$depth];
            $sums[$depth + 1] = $sums[$depth] + $taken[$depth] * $worths[$depth];
            ++$depth;
            $isGoingDown = true;
        }

        return [$best, $found, $looks];
    }
}
