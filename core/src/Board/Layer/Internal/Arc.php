<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Point;

/** A circular arc as chords that stray from it by less than five micrometres. */
final readonly class Arc
{
    private const STRAY = 0.005;

    /**
     * @param Point $offset from the start to the centre
     * @param bool $single true in single quadrant mode, where the signs of the offset are left out
     * @return list<Point> points after the start, the end last
     */
    public static function chords(Point $from, Point $to, Point $offset, bool $clockwise, bool $single): array
    {
        $centre = $single ? self::quadrantCentre($from, $to, $offset, $clockwise) : $from->plus($offset->x, $offset->y);
        $radius = $centre->distanceTo($from);
        if ($radius < self::STRAY) {
            return [$to];
        }
        $start = atan2($from->y - $centre->y, $from->x - $centre->x);
        $sweep = self::sweep($start, atan2($to->y - $centre->y, $to->x - $centre->x), $clockwise, $single);
        $steps = max(1, (int) ceil(abs($sweep) / (2 * acos(1 - self::STRAY / $radius))));
        $points = [];
        for ($i = 1; $i < $steps; ++$i) {
            $angle = $start + ($sweep * $i) / $steps;
            $points[] = new Point($centre->x + $radius * cos($angle), $centre->y + $radius * sin($angle));
        }

        return [...$points, $to];
    }

    /** A multi quadrant arc that ends where it starts is a full circle; a single quadrant one is nothing. */
    private static function sweep(float $start, float $end, bool $clockwise, bool $single): float
    {
        $sweep = $clockwise ? $start - $end : $end - $start;
        while ($sweep < 1e-9) {
            $sweep += 2 * M_PI;
        }
        if ($single && $sweep > M_PI) {
            $sweep = 0.0;
        }

        return $clockwise ? -$sweep : $sweep;
    }

    private static function quadrantCentre(Point $from, Point $to, Point $offset, bool $clockwise): Point
    {
        $best = $from->plus($offset->x, $offset->y);
        $least = INF;
        foreach ([[1, 1], [1, -1], [-1, 1], [-1, -1]] as [$x, $y]) {
            $centre = $from->plus($x * abs($offset->x), $y * abs($offset->y));
            $turn = ($from->x - $centre->x) * ($to->y - $centre->y) - ($from->y - $centre->y) * ($to->x - $centre->x);
            $fault = abs($centre->distanceTo($from) - $centre->distanceTo($to));
            // A quarter at most: the end lies ahead in the turning direction, not behind.
            $ahead =
                ($clockwise ? $turn <= 1e-9 : $turn >= -1e-9) &&
                ($from->x - $centre->x) * ($to->x - $centre->x) + ($from->y - $centre->y) * ($to->y - $centre->y) >=
                    -1e-6;
            if ($ahead && $fault < $least) {
                [$best, $least] = [$centre, $fault];
            }
        }

        return $best;
    }
}
