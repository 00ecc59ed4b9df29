<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** Bodies by the squares their centres lie in, so that those near a place are found without looking at all. */
final readonly class BodyGrid
{
    /** Side of a square, millimetres. */
    private const CELL = 20.0;

    /**
     * @param list<PlacedBody> $bodies
     * @param array<string, list<int>> $cells
     */
    private function __construct(private array $bodies, private array $cells) {}

    /** @param list<PlacedBody> $bodies */
    public static function of(array $bodies): self
    {
        $cells = [];
        foreach ($bodies as $index => $body) {
            $cells[self::cell($body->face->board, $body->centre->x, $body->centre->y)][] = $index;
        }

        return new self($bodies, $cells);
    }

    /**
     * Bodies of a board whose centres may lie within a distance of some points; a few further away may be among them.
     *
     * @param non-empty-list<Point> $points
     * @param float $distance millimetres
     * @return list<PlacedBody> in the order they were given
     */
    public function around(string $board, array $points, float $distance): array
    {
        [$left, $low, $right, $high] = (new Polygon($points))->bounds();
        $columns = ($right - $left + 2 * $distance) / self::CELL + 1;
        if ($columns * (($high - $low + 2 * $distance) / self::CELL + 1) >= count($this->bodies)) {
            return $this->bodies;
        }
        $found = [];
        for ($x = $left - $distance; $x < $right + $distance + self::CELL; $x += self::CELL) {
            for ($y = $low - $distance; $y < $high + $distance + self::CELL; $y += self::CELL) {
                foreach ($this->cells[self::cell($board, $x, $y)] ?? [] as $index) {
                    $found[$index] = $this->bodies[$index];
                }
            }
        }
        ksort($found);

        return array_values($found);
    }

    private static function cell(string $board, float $x, float $y): string
    {
        return floor($x / self::CELL) . ' ' . floor($y / self::CELL) . ' ' . $board;
    }
}
