<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Board\Internal\PlanHull;
use Chiralex\Board\Internal\SupportFacet;

/**
 * Computes how a board lies on the table when it is turned over, with the parts fitted so far.
 *
 * Points: the outline's corners at height 0, the tops of parts on the side that looks down, and the trimmed leads of fitted
 * parts of the other side. All in the coordinates of the assembly.
 */
final readonly class Lying
{
    /** Trimmed lead stubs, in millimetres. */
    public const STUB = 2.0;
    private const CONTACT = 0.001;
    private const ROCK_MARGIN = 2.0;
    private const SAME = 1e-7;

    /**
     * @param list<PlacedBody> $fitted on both sides, the parts of the step at hand among them
     */
    public function lie(Assembly $assembly, Side $down, array $fitted): Lie
    {
        return $this->settle(SupportCloud::of($this->points($assembly, $down, $fitted)), $assembly->centre($fitted));
    }

    /**
     * @param list<PlacedBody> $fitted
     * @return list<SupportPoint>
     */
    public function points(Assembly $assembly, Side $down, array $fitted): array
    {
        $points = [];
        foreach ($assembly->outlines() as $outline) {
            foreach ($outline->corners as $corner) {
                $points[] = new SupportPoint(
                    $corner->x,
                    $corner->y,
                    0.0,
                    'corner ' . self::number($corner->x) . ',' . self::number($corner->y),
                );
            }
        }
        foreach ($fitted as $body) {
            array_push($points, ...$this->bodyPoints($assembly, $down, $body));
        }

        return $points;
    }

    /** @return list<SupportPoint> */
    public function bodyPoints(Assembly $assembly, Side $down, PlacedBody $body): array
    {
        if (!$assembly->has($body->face->board)) {
            return [];
        }
        $offset = $assembly->offset($body->face->board);
        $places =
            $body->face->side === $down ? $body->topPoints() : ($body->mount->pierces ? array_values($body->pins) : []);
        $height = $body->face->side === $down ? $body->height : self::STUB;

        return array_map(
            static fn(Point $place): SupportPoint => new SupportPoint(
                $place->x + $offset->x,
                $place->y + $offset->y,
                $height,
                $body->designator,
            ),
            $places,
        );
    }

    /** @param ?array{int, int, int} $start the triangle of an earlier search in a cloud that has only grown since */
    public function settle(SupportCloud $cloud, Point $centre, ?array $start = null): Lie
    {
        $facets = new SupportFacet($cloud);
        [$triangle, $corners] = $this->settleTies($facets, $facets->triangle($centre, $start), $cloud, $centre);
        $plane = $facets->plane($triangle);
        [$rocks, $edge] = $this->rocks($plane, $corners, $cloud->x, $cloud->y, $centre);
        $neighbour = null;
        if ($rocks && $edge !== null) {
            $over = $facets->across($edge[0], $edge[1], $this->third($edge, $corners, $triangle), $plane);
            if ($over !== null) {
                $other = $facets->plane($over);
                $neighbour = new Lie($other, $this->contacts($other, $cloud), false, null, $centre, $over);
            }
        }

        return new Lie($plane, $this->contacts($plane, $cloud), $rocks, $neighbour, $centre, $triangle);
    }

    /**
     * Of all facets that hold the centre: least tilt, then least (gx, gy).
     *
     * @param array{int, int, int} $first
     * @return array{array{int, int, int}, list<int>} the facet's triangle, and its corners
     */
    private function settleTies(SupportFacet $facets, array $first, SupportCloud $cloud, Point $centre): array
    {
        [$x, $y] = [$cloud->x, $cloud->y];
        $best = [$first, []];
        $bestKey = $this->key($facets->plane($first));
        $queue = [$first];
        $seen = [$this->name($facets->plane($first)) => true];
        while ($queue !== []) {
            $triangle = array_shift($queue);
            $plane = $facets->plane($triangle);
            $corners = $this->facetCorners($plane, $cloud);
            if ($triangle === $best[0]) {
                $best[1] = $corners;
            }
            $count = count($corners);
            foreach ($corners as $index => $a) {
                $b = $corners[($index + 1) % $count];
                if ($this->distance($centre, $x[$a], $y[$a], $x[$b], $y[$b]) > 1e-6) {
                    continue;
                }
                $next = $facets->across($a, $b, $this->third([$a, $b], $corners, $triangle), $plane);
                if ($next === null) {
                    continue;
                }
                $other = $facets->plane($next);
                if (isset($seen[$this->name($other)])) {
                    continue;
                }
                $seen[$this->name($other)] = true;
                $queue[] = $next;
                if ($this->key($other) < $bestKey) {
                    [$best, $bestKey] = [[$next, []], $this->key($other)];
                }
            }
        }

        return $best;
    }

    /** @return array{float, float, float} rounded, so that equal tilts compare as equal */
    private function key(Plane $plane): array
    {
        return [round(hypot($plane->gx, $plane->gy), 9), round($plane->gx, 9), round($plane->gy, 9)];
    }

    private function name(Plane $plane): string
    {
        return round($plane->gx, 8) . ' ' . round($plane->gy, 8) . ' ' . round($plane->h, 7);
    }

    /** @return list<int> the facet's corners in order */
    private function facetCorners(Plane $plane, SupportCloud $cloud): array
    {
        return PlanHull::of($cloud->x, $cloud->y, $this->near($plane, $cloud, self::SAME));
    }

    /** @return list<int> points within a distance of the plane, measured upwards */
    private function near(Plane $plane, SupportCloud $cloud, float $distance): array
    {
        [$h, $gx, $gy, $x, $y] = [$plane->h, $plane->gx, $plane->gy, $cloud->x, $cloud->y];
        $on = [];
        foreach ($cloud->z as $i => $height) {
            $below = $h + $gx * $x[$i] + $gy * $y[$i] - $height;
            if ($below <= $distance && $below >= -$distance) {
                $on[] = $i;
            }
        }

        return $on;
    }

    /**
     * @param list<int> $corners
     * @param list<float> $x
     * @param list<float> $y
     * @return array{bool, ?array{int, int}} whether it rocks, and the edge it rocks over
     */
    private function rocks(Plane $plane, array $corners, array $x, array $y, Point $centre): array
    {
        $scale = 1 + $plane->gx ** 2 + $plane->gy ** 2;
        $along = $plane->at($centre) / $scale;
        $foot = new Point($centre->x - $plane->gx * $along, $centre->y - $plane->gy * $along);
        $least = INF;
        $edge = null;
        $count = count($corners);
        foreach ($corners as $index => $a) {
            $b = $corners[($index + 1) % $count];
            $dx = $x[$b] - $x[$a];
            $dy = $y[$b] - $y[$a];
            $inside = ($dx * ($foot->y - $y[$a]) - $dy * ($foot->x - $x[$a])) / max(1e-12, hypot($dx, $dy));
            // A counter-clockwise polygon holds the foot while every signed distance is positive.
            $distance = $this->inPlane($plane, $inside, $dx, $dy);
            if ($distance < $least) {
                [$least, $edge] = [$distance, [$a, $b]];
            }
        }

        return [$least < self::ROCK_MARGIN, $edge];
    }

    /** A plan distance across an edge, measured in the tilted plane. */
    private function inPlane(Plane $plane, float $distance, float $dx, float $dy): float
    {
        $length = max(1e-12, hypot($dx, $dy));
        $t = ($plane->gx * $dx + $plane->gy * $dy) / $length;
        $n = (-$plane->gx * $dy + $plane->gy * $dx) / $length;

        return $distance * sqrt((1 + $t ** 2 + $n ** 2) / (1 + $t ** 2));
    }

    /**
     * @param array{int, int} $edge
     * @param list<int> $corners
     * @param array{int, int, int} $triangle
     */
    private function third(array $edge, array $corners, array $triangle): int
    {
        foreach ([...$corners, ...$triangle] as $corner) {
            if (!in_array($corner, $edge, true)) {
                return $corner;
            }
        }

        return $triangle[0];
    }

    /** @return list<string> */
    private function contacts(Plane $plane, SupportCloud $cloud): array
    {
        $names = [];
        foreach ($this->near($plane, $cloud, self::CONTACT) as $index) {
            $names[$cloud->owners[$index]] = true;
        }
        $names = array_map(strval(...), array_keys($names));
        sort($names, SORT_STRING);

        return $names;
    }

    private function distance(Point $point, float $ax, float $ay, float $bx, float $by): float
    {
        $length = ($bx - $ax) ** 2 + ($by - $ay) ** 2;
        $t =
            $length < 1e-18
                ? 0.0
                : max(0.0, min(1.0, (($point->x - $ax) * ($bx - $ax) + ($point->y - $ay) * ($by - $ay)) / $length));

        return hypot($point->x - $ax - $t * ($bx - $ax), $point->y - $ay - $t * ($by - $ay));
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.') ?: '0';
    }
}
