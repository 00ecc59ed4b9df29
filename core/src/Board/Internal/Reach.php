<?php

declare(strict_types=1);

namespace Chiralex\Board\Internal;

use Chiralex\Board\Azimuths;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;

/** Which directions from a point meet a convex body, widened by a margin, within a reach: exact, from tangents and intersections. */
final readonly class Reach
{
    private const EPSILON = 1e-9;

    /** @param float $margin the body grows by this much all round, its corners rounded */
    public static function to(Polygon $body, Point $from, float $reach, float $margin): Azimuths
    {
        $corners = $body->corners;
        $nearest = self::nearest($corners, $from);
        $distance = $from->distanceTo($nearest);
        if ($reach <= 0.0 || $distance - $margin >= $reach) {
            return Azimuths::none();
        }
        if ($body->contains($from) || $distance <= $margin + self::EPSILON) {
            return Azimuths::all();
        }
        $points = [];
        foreach ($corners as $index => $corner) {
            array_push(
                $points,
                ...self::tangents($from, $corner, $margin, $reach),
                ...self::circleMeetsCircle($from, $reach, $corner, $margin),
            );
            $next = $corners[($index + 1) % count($corners)];
            array_push($points, ...self::circleMeetsOffset($from, $reach, $corner, $next, $margin));
        }
        // Seen from outside a convex body spans less than half a turn, so angles are taken from the direction to its nearest point.
        $middle = atan2($nearest->y - $from->y, $nearest->x - $from->x);
        $low = $high = 0.0;
        $edges = self::edges($corners);
        foreach ($points as $point) {
            $angle = fmod(atan2($point->y - $from->y, $point->x - $from->x) - $middle + 3 * M_PI, 2 * M_PI) - M_PI;
            if ($angle >= $low && $angle <= $high) {
                continue;
            }
            // A point inside the body is no end of the arc, so its distance to the edges may stand for that to the body.
            if (
                $from->distanceTo($point) <= $reach + 1e-6 &&
                self::isWithin($edges, $point->x, $point->y, ($margin + 1e-6) ** 2)
            ) {
                [$low, $high] = [min($low, $angle), max($high, $angle)];
            }
        }

        return Azimuths::arc(rad2deg($middle + $low), rad2deg($high - $low));
    }

    /**
     * Where tangents from a point touch the circle about a corner.
     *
     * @return list<Point>
     */
    private static function tangents(Point $from, Point $corner, float $radius, float $reach): array
    {
        $distance = $from->distanceTo($corner);
        if ($distance <= $radius + self::EPSILON) {
            return [];
        }
        $length = sqrt($distance ** 2 - $radius ** 2);
        if ($length > $reach + self::EPSILON) {
            return [];
        }
        $angle = atan2($corner->y - $from->y, $corner->x - $from->x);
        $half = asin($radius / $distance);

        return [
            $from->plus($length * cos($angle + $half), $length * sin($angle + $half)),
            $from->plus($length * cos($angle - $half), $length * sin($angle - $half)),
        ];
    }

    /** @return list<Point> */
    private static function circleMeetsCircle(Point $a, float $ra, Point $b, float $rb): array
    {
        $d = $a->distanceTo($b);
        if ($d < self::EPSILON || $d > $ra + $rb || $d < abs($ra - $rb)) {
            return [];
        }
        $along = ($d ** 2 + $ra ** 2 - $rb ** 2) / (2 * $d);
        $off = sqrt(max(0.0, $ra ** 2 - $along ** 2));
        [$x, $y] = [($b->x - $a->x) / $d, ($b->y - $a->y) / $d];

        return [
            $a->plus($along * $x - $off * $y, $along * $y + $off * $x),
            $a->plus($along * $x + $off * $y, $along * $y - $off * $x),
        ];
    }

    /**
     * Where the circle of reach meets an edge moved outward, whichever way round the corners run.
     *
     * @return list<Point>
     */
    private static function circleMeetsOffset(Point $from, float $reach, Point $a, Point $b, float $margin): array
    {
        $length = $a->distanceTo($b);
        if ($length < self::EPSILON) {
            return [];
        }
        [$x, $y] = [($b->x - $a->x) / $length, ($b->y - $a->y) / $length];
        $points = [];
        foreach ($margin > 0.0 ? [1.0, -1.0] : [0.0] as $side) {
            $start = $a->plus(-$side * $margin * $y, $side * $margin * $x);
            $along = ($from->x - $start->x) * $x + ($from->y - $start->y) * $y;
            $away = ($from->x - $start->x) * -$y + ($from->y - $start->y) * $x;
            $half = $reach ** 2 - $away ** 2;
            foreach ($half < 0.0 ? [] : [sqrt($half), -sqrt($half)] as $step) {
                if ($along + $step >= -self::EPSILON && $along + $step <= $length + self::EPSILON) {
                    $points[] = $start->plus(($along + $step) * $x, ($along + $step) * $y);
                }
            }
        }

        return $points;
    }

    /**
     * @param list<Point> $corners
     * @return list<array{float, float, float, float, float}> start, direction and squared length of each edge
     */
    private static function edges(array $corners): array
    {
        $edges = [];
        foreach ($corners as $index => $a) {
            $b = $corners[($index + 1) % count($corners)];
            [$x, $y] = [$b->x - $a->x, $b->y - $a->y];
            $edges[] = [$a->x, $a->y, $x, $y, $x * $x + $y * $y];
        }

        return $edges;
    }

    /**
     * @param list<array{float, float, float, float, float}> $edges
     * @param float $limit square of the distance
     */
    private static function isWithin(array $edges, float $px, float $py, float $limit): bool
    {
        foreach ($edges as [$ax, $ay, $x, $y, $length]) {
            [$dx, $dy] = [$px - $ax, $py - $ay];
            $t = $length < 1e-18 ? 0.0 : max(0.0, min(1.0, ($dx * $x + $dy * $y) / $length));
            if (($dx - $t * $x) ** 2 + ($dy - $t * $y) ** 2 <= $limit) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Point> $corners */
    private static function nearest(array $corners, Point $point): Point
    {
        $best = $corners[0] ?? $point;
        $least = INF;
        foreach ($corners as $index => $a) {
            $b = $corners[($index + 1) % count($corners)];
            $square = ($b->x - $a->x) ** 2 + ($b->y - $a->y) ** 2;
            $t =
                $square < 1e-18
                    ? 0.0
                    : max(
                        0.0,
                        min(
                            1.0,
                            (($point->x - $a->x) * ($b->x - $a->x) + ($point->y - $a->y) * ($b->y - $a->y)) / $square,
                        ),
                    );
            $near = $a->plus($t * ($b->x - $a->x), $t * ($b->y - $a->y));
            if ($near->distanceTo($point) < $least) {
                [$best, $least] = [$near, $near->distanceTo($point)];
            }
        }

        return $best;
    }
}
