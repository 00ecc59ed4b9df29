<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/** Looks for patterns that cut all pieces from so many bars: the longest piece left goes into the next bar, fullest bars first. */
final readonly class BarSearch
{
    /** A bar counts as so many looks. */
    private const BAR = 8;

    public function __construct(private BarProblem $problem, private BarPrices $prices) {}

    /**
     * @param int $looks at bars and at what may go into one, at most
     * @return array{bars: ?list<list<int>>, sure: bool} pieces of each size, bar by bar; null where none was found, and whether
     *     there is none
     */
    public function within(int $bars, int $looks): array
    {
        $found = $this->fill($this->problem->counts, $bars, null, $looks);

        return ['bars' => $found, 'sure' => $found !== null || $looks > 0];
    }

    /**
     * @param list<int> $counts still to cut
     * @param ?list<int> $last pattern of the bar before: bars with the same longest piece come in falling order
     * @param int $looks still left
     * @return ?list<list<int>>
     */
    private function fill(array $counts, int $bars, ?array $last, int &$looks): ?array
    {
        $left = $this->problem->left($counts);
        if ($left->isDone()) {
            return [];
        }
        $looks -= self::BAR;
        $waste = $bars * $this->problem->room - $left->total();
        if ($waste < 0 || $this->prices->bound($counts) > $bars) {
            return null;
        }
        $first = 0;
        while ($counts[$first] === 0) {
            ++$first;
        }
        $last = $last !== null && $last[$first] > 0 && array_sum(array_slice($last, 0, $first)) === 0 ? $last : null;
        foreach ($this->patterns($counts, $first, $waste, $last, $looks) as $pattern) {
            if ($looks <= 0) {
                return null;
            }
            $rest = array_map(static fn(int $count, int $taken): int => $count - $taken, $counts, $pattern);
            $found = $this->fill($rest, $bars - 1, $pattern, $looks);
            if ($found !== null) {
                return [$pattern, ...$found];
            }
        }

        return null;
    }

    /**
     * Patterns with the longest piece left that waste no more than may be wasted, the fullest first.
     *
     * @param list<int> $counts
     * @param ?list<int> $last no pattern comes after it that is greater
     * @param int $looks still left
     * @return list<list<int>>
     */
    private function patterns(array $counts, int $first, int $waste, ?array $last, int &$looks): array
    {
        $found = [];
        $after = [0];
        foreach (array_reverse($counts, true) as $size => $count) {
            array_unshift($after, $after[0] + $count * $this->problem->sizes[$size]);
        }
        $open = [[$first, $this->problem->room, array_slice($counts, 0, $first)]];
        while ($open !== [] && --$looks > 0) {
            [$size, $room, $pattern] = array_pop($open);
            if (!isset($counts[$size])) {
                if ($last === null || $pattern <= $last) {
                    $found[] = ['left' => $room, 'pattern' => $pattern];
                }
                continue;
            }
            $fits = min($counts[$size], intdiv($room, $this->problem->sizes[$size]));
            for ($pieces = $size === $first ? 1 : 0; $pieces <= $fits; ++$pieces) {
                $less = $room - $pieces * $this->problem->sizes[$size];
                // What all the smaller pieces together would leave is wasted.
                if ($less - $after[$size + 1] <= $waste) {
                    $open[] = [$size + 1, $less, [...$pattern, $pieces]];
                }
            }
        }
        usort(
            $found,
            static fn(array $a, array $b): int => $a['left'] <=> $b['left'] ?: $b['pattern'] <=> $a['pattern'],
        );

        return array_column($found, 'pattern');
    }
}
