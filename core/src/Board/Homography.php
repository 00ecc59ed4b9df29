<?php

declare(strict_types=1);

namespace Chiralex\Board;

/**
 * The perspective that takes four points to four others: x' = (a x + b y + c) / (g x + h y + 1), y' likewise.
 *
 * Solved by elimination with pivots from the eight equations of the four pairs (the direct linear transform; handbooks of
 * projective geometry, from memory).
 */
final readonly class Homography
{
    /** A pivot below this share of the largest is none: three of the points lie in one line. */
    private const FLAT = 1e-9;

    /** @param list<float> $of a to h */
    private function __construct(private array $of) {}

    /**
     * @param array{Point, Point, Point, Point} $from
     * @param array{Point, Point, Point, Point} $to
     * @return ?self null where three points of either four lie in one line
     */
    public static function between(array $from, array $to): ?self
    {
        if (self::hasThreeInLine($from) || self::hasThreeInLine($to)) {
            return null;
        }
        $rows = [];
        foreach ($from as $index => $point) {
            $aim = $to[$index];
            $rows[] = [$point->x, $point->y, 1.0, 0.0, 0.0, 0.0, -$point->x * $aim->x, -$point->y * $aim->x, $aim->x];
            $rows[] = [0.0, 0.0, 0.0, $point->x, $point->y, 1.0, -$point->x * $aim->y, -$point->y * $aim->y, $aim->y];
        }
        $solved = self::solved($rows);

        return $solved === null ? null : new self($solved);
    }

    public function point(Point $point): Point
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->of;
        $w = $g * $point->x + $h * $point->y + 1.0;

        return new Point(($a * $point->x + $b * $point->y + $c) / $w, ($d * $point->x + $e * $point->y + $f) / $w);
    }

    /** @param list<Point> $points */
    private static function hasThreeInLine(array $points): bool
    {
        foreach (array_keys($points) as $out) {
            [$a, $b, $c] = array_values(array_diff_key($points, [$out => true]));
            $area = ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x);
            if (abs($area) <= self::FLAT * max(1.0, $a->distanceTo($b) * $a->distanceTo($c))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<list<float>> $rows eight equations, each with its right side behind
     * @return ?list<float>
     */
    private static function solved(array $rows): ?array
    {
        $count = count($rows);
        for ($column = 0; $column < $count; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; ++$row) {
                $pivot = abs($rows[$row][$column]) > abs($rows[$pivot][$column]) ? $row : $pivot;
            }
            if (abs($rows[$pivot][$column]) <= self::FLAT) {
                return null;
            }
            [$rows[$column], $rows[$pivot]] = [$rows[$pivot], $rows[$column]];
            foreach ($rows as $row => $values) {
                $factor = $row === $column ? 0.0 : $values[$column] / $rows[$column][$column];
                foreach ($factor === 0.0 ? [] : $rows[$column] as $place => $value) {
                    $rows[$row][$place] -= $factor * $value;
                }
            }
        }

        return array_map(static fn(int $row): float => $rows[$row][$count] / $rows[$row][$row], range(0, $count - 1));
    }
}
