<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Board\Internal\PlanHull;

/** A closed outline; corners in order, either way round, not repeated at the end. */
final readonly class Polygon
{
    /** How far a chord may stray from its round, millimetres. */
    private const STRAY = 0.005;

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

        return new self(
            array_map(static fn(int $index): Point => $points[$index], PlanHull::of($x, $y, array_keys($points))),
        );
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
            if (
                $a->y > $point->y !== $b->y > $point->y &&
                $point->x < (($b->x - $a->x) * ($point->y - $a->y)) / ($b->y - $a->y) + $a->x
            ) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /** A convex outline widened all round, its corners rounded; the rounds are chords that stray by less than five micrometres. */
    public function grown(float $margin): self
    {
        $corners = $this->signedArea() < 0.0 ? array_reverse($this->corners) : $this->corners;
        $count = count($corners);
        $step = 2 * acos(1 - min(1.0, self::STRAY / $margin));
        $out = [];
        foreach ($corners as $index => $corner) {
            $before = $corners[($index + $count - 1) % $count];
            $after = $corners[($index + 1) % $count];
            $start = atan2($corner->y - $before->y, $corner->x - $before->x) - M_PI / 2;
            $turn = fmod(
                atan2($after->y - $corner->y, $after->x - $corner->x) - M_PI / 2 - $start + 4 * M_PI,
                2 * M_PI,
            );
            $pieces = max(1, (int) ceil($turn / $step));
            for ($i = 0; $i <= $pieces; ++$i) {
                $angle = $start + ($turn * $i) / $pieces;
                $out[] = $corner->plus($margin * cos($angle), $margin * sin($angle));
            }
        }

        return new self($out);
    }

    /** What of a convex outline lies within another convex one; without corners where nothing does. */
    public function clippedTo(self $window): self
    {
        $frame = $window->signedArea() < 0.0 ? array_reverse($window->corners) : $window->corners;
        $points = $this->corners;
        foreach ($frame as $index => $a) {
            $b = $frame[($index + 1) % count($frame)];
            $side = static fn(Point $point): float => ($b->x - $a->x) * ($point->y - $a->y) -
                ($b->y - $a->y) * ($point->x - $a->x);
            $kept = [];
            foreach ($points as $at => $point) {
                $next = $points[($at + 1) % count($points)];
                [$here, $there] = [$side($point), $side($next)];
                if ($here >= 0.0) {
                    $kept[] = $point;
                }
                if (($here > 0.0 && $there < 0.0) || ($here < 0.0 && $there > 0.0)) {
                    $t = $here / ($here - $there);
                    $kept[] = $point->plus($t * ($next->x - $point->x), $t * ($next->y - $point->y));
                }
            }
            $points = $kept;
            if ($points === []) {
                break;
            }
        }

        return new self($points);
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
