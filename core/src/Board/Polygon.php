<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Board\Internal\PlanHull;

/** A closed outline; corners in order, either way round, not repeated at the end. */
final readonly class Polygon
{
    /** @param list<Point> $corners at least three */
    public function __construct(public array $corners) {}

    /**
     * The convex hull of points.
     *
     * @param list<Point> $points
     */
    public static function around(array $points): self
    {
        $x = array_map(static fn(Point $point): float => $point->x, $points);
        $y = array_map(static fn(Point $point): float => $point->y, $points);

        return new self(array_map(static fn(int $index): Point => $points[$index], PlanHull::of($x, $y, array_keys($points))));
    }

    /** Area in square millimetres, by the shoelace formula. */
    public function area(): float
    {
        return abs($this->signedArea());
    }

    /** Area centroid. */
    public function centroid(): Point
    {
        $area = $this->signedArea();
        if (abs($area) < 1e-12) {
            return $this->corners[0] ?? new Point(0.0, 0.0);
        }
        $x = $y = 0.0;
        foreach ($this->edges() as [$a, $b]) {
            $cross = $a->x * $b->y - $b->x * $a->y;
            $x += ($a->x + $b->x) * $cross;
            $y += ($a->y + $b->y) * $cross;
        }

        return new Point($x / (6 * $area), $y / (6 * $area));
    }

    public function contains(Point $point): bool
    {
        $inside = false;
        foreach ($this->edges() as [$a, $b]) {
            if (($a->y > $point->y) !== ($b->y > $point->y)
                && $point->x < ($b->x - $a->x) * ($point->y - $a->y) / ($b->y - $a->y) + $a->x) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    public function moved(float $x, float $y): self
    {
        return new self(array_map(static fn(Point $corner): Point => $corner->plus($x, $y), $this->corners));
    }

    /** @return array{float, float, float, float} least x, least y, most x, most y */
    public function bounds(): array
    {
        $xs = array_map(static fn(Point $corner): float => $corner->x, $this->corners);
        $ys = array_map(static fn(Point $corner): float => $corner->y, $this->corners);

        return $xs === [] || $ys === [] ? [0.0, 0.0, 0.0, 0.0] : [min($xs), min($ys), max($xs), max($ys)];
    }

    private function signedArea(): float
    {
        $twice = 0.0;
        foreach ($this->edges() as [$a, $b]) {
            $twice += $a->x * $b->y - $b->x * $a->y;
        }

        return $twice / 2;
    }

    /** @return list<array{Point, Point}> */
    private function edges(): array
    {
        $edges = [];
        $count = count($this->corners);
        foreach ($this->corners as $index => $corner) {
            $edges[] = [$corner, $this->corners[($index + 1) % $count]];
        }

        return $edges;
    }
}
