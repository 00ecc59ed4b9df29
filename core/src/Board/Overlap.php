<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** How far convex outlines run into each other, and over the edge of a board, in millimetres. */
final readonly class Overlap
{
    /** The shortest way to part two convex outlines (separating axes); 0 where they do not meet. */
    public static function depth(Polygon $one, Polygon $other): float
    {
        [$a, $b] = [$one->bounds(), $other->bounds()];
        if ($a[0] >= $b[2] || $b[0] >= $a[2] || $a[1] >= $b[3] || $b[1] >= $a[3]) {
            return 0.0;
        }
        $least = INF;
        foreach ([$one, $other] as $outline) {
            foreach ($outline->corners as $index => $corner) {
                $next = $outline->corners[($index + 1) % count($outline->corners)];
                $length = $corner->distanceTo($next);
                if ($length > 1e-9) {
                    $axis = new Point(($corner->y - $next->y) / $length, ($next->x - $corner->x) / $length);
                    [$low, $high] = self::along($one, $axis);
                    [$from, $to] = self::along($other, $axis);
                    $least = min($least, $high - $from, $to - $low);
                }
            }
        }

        return is_finite($least) ? max(0.0, $least) : 0.0;
    }

    /** How far the furthest corner of a body lies outside an outline; 0 where all lie in it. */
    public static function beyond(Polygon $body, Polygon $outline): float
    {
        $most = 0.0;
        foreach ($body->corners as $corner) {
            $most = max($most, $outline->contains($corner) ? 0.0 : self::toEdge($corner, $outline));
        }

        return $most;
    }

    /** @return array{float, float} where an outline begins and ends along an axis */
    private static function along(Polygon $outline, Point $axis): array
    {
        $places = array_map(
            static fn(Point $corner): float => $corner->x * $axis->x + $corner->y * $axis->y,
            $outline->corners,
        );

        return $places === [] ? [0.0, 0.0] : [min($places), max($places)];
    }

    private static function toEdge(Point $point, Polygon $outline): float
    {
        $least = INF;
        foreach ($outline->corners as $index => $a) {
            $b = $outline->corners[($index + 1) % count($outline->corners)];
            [$dx, $dy] = [$b->x - $a->x, $b->y - $a->y];
            $square = $dx * $dx + $dy * $dy;
            $t = $square > 0.0 ? (($point->x - $a->x) * $dx + ($point->y - $a->y) * $dy) / $square : 0.0;
            $t = max(0.0, min(1.0, $t));
            $least = min($least, $point->distanceTo($a->plus($t * $dx, $t * $dy)));
        }

        return $least;
    }
}
