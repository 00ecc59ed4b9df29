<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Point;

/** Contours of the shapes that apertures are made of, about their own centre, in millimetres. */
final readonly class Shapes
{
    /** Chords stray from a circle by less than this, millimetres. */
    private const STRAY = 0.002;
    /** Chords of a circle at most: of one wider than any board the corners are finer than a dot of print. */
    private const CHORDS = 720;

    /** @return list<Point> */
    public static function circle(float $diameter, Point $centre = new Point(0.0, 0.0)): array
    {
        return self::arc($centre, $diameter / 2, 0.0, 360.0);
    }

    /** @return list<Point> */
    public static function box(float $width, float $height, Point $centre = new Point(0.0, 0.0)): array
    {
        [$a, $b] = [$width / 2, $height / 2];

        return array_map(static fn(array $corner): Point => $centre->plus($corner[0], $corner[1]), [
            [-$a, -$b],
            [$a, -$b],
            [$a, $b],
            [-$a, $b],
        ]);
    }

    /**
     * A box with round ends at its shorter sides.
     *
     * @return list<Point>
     */
    public static function obround(float $width, float $height): array
    {
        $reach = abs($width - $height) / 2;

        return $width >= $height
            ? self::bar(new Point(-$reach, 0.0), new Point($reach, 0.0), $height)
            : self::bar(new Point(0.0, -$reach), new Point(0.0, $reach), $width);
    }

    /**
     * A line with round ends.
     *
     * @return list<Point>
     */
    public static function bar(Point $from, Point $to, float $width): array
    {
        $angle = rad2deg(atan2($to->y - $from->y, $to->x - $from->x));

        return [
            ...self::arc($from, $width / 2, $angle + 90, $angle + 270),
            ...self::arc($to, $width / 2, $angle - 90, $angle + 90),
        ];
    }

    /** @return list<Point> the first corner at the angle, in degrees */
    public static function polygon(
        float $diameter,
        int $corners,
        float $degrees,
        Point $centre = new Point(0.0, 0.0),
    ): array {
        $points = [];
        for ($i = 0; $i < $corners; ++$i) {
            $points[] = self::on($centre, $diameter / 2, $degrees + (360.0 * $i) / $corners);
        }

        return $points;
    }

    /** @return list<Point> both ends are in it, but those of a full circle are one */
    public static function arc(Point $centre, float $radius, float $from, float $to): array
    {
        if ($radius < self::STRAY) {
            return [$centre];
        }
        $needed = deg2rad(abs($to - $from)) / (2 * max(1e-9, acos(1 - self::STRAY / $radius)));
        $steps = max(2, (int) ceil(min(self::CHORDS, $needed)));
        $points = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $points[] = self::on($centre, $radius, $from + (($to - $from) * $i) / $steps);
        }
        if (abs($to - $from) >= 360.0) {
            array_pop($points);
        }

        return $points;
    }

    private static function on(Point $centre, float $radius, float $degrees): Point
    {
        return $centre->plus($radius * cos(deg2rad($degrees)), $radius * sin(deg2rad($degrees)));
    }

    /**
     * The convex hull, counter-clockwise.
     *
     * @param list<Point> $points
     * @return list<Point>
     */
    public static function hull(array $points): array
    {
        usort($points, static fn(Point $a, Point $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);
        $halves = [];
        foreach ([$points, array_reverse($points)] as $way) {
            $half = [];
            foreach ($way as $point) {
                while (
                    count($half) > 1 &&
                    self::turn($half[count($half) - 2], $half[count($half) - 1], $point) <= 0.0
                ) {
                    array_pop($half);
                }
                $half[] = $point;
            }
            array_pop($half);
            $halves[] = $half;
        }

        return array_merge(...$halves);
    }

    private static function turn(Point $a, Point $b, Point $c): float
    {
        return ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x);
    }
}
