<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/** How few bars give all pieces, in whole numbers: a piece and its cut, a bar and the cut that its flush end saves. */
final readonly class BarProblem
{
    /**
     * @param int $room of one bar
     * @param list<int> $sizes different ones, the longest first, none longer than a bar
     * @param list<int> $counts how many of each
     */
    private function __construct(public int $room, public array $sizes, public array $counts) {}

    /**
     * @param list<int> $sizes different ones, none longer than a bar
     * @param list<int> $counts how many of each, above nought
     */
    public static function of(int $room, array $sizes, array $counts): self
    {
        array_multisort($sizes, SORT_DESC, $counts);
        $common = array_reduce($sizes, self::common(...), 0);

        // A bar is used in whole multiples of what all pieces have in common.
        return $common === 0
            ? new self($room, [], [])
            : new self(
                intdiv($room, $common),
                array_map(static fn(int $size): int => intdiv($size, $common), $sizes),
                $counts,
            );
    }

    /** @param list<int> $counts */
    public function left(array $counts): self
    {
        return new self($this->room, $this->sizes, $counts);
    }

    public function isDone(): bool
    {
        return array_sum($this->counts) === 0;
    }

    public function total(): int
    {
        return array_sum(
            array_map(static fn(int $size, int $count): int => $size * $count, $this->sizes, $this->counts),
        );
    }

    /** Bars needed at least because of the room alone. */
    public function byRoom(): int
    {
        return intdiv($this->total() + $this->room - 1, $this->room);
    }

    private static function common(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
