<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Point;

/** Joins the short lines that many programs draw an arc with; lines that meet at a corner stay apart. */
final readonly class Curves
{
    /** Ends this near are one, millimetres. */
    private const JOIN = 0.01;
    /** Between two chords of an arc the way turns by no more and no less than this, degrees. */
    private const TURN = [2.0, 40.0];

    /**
     * @param list<LayerObject> $objects
     * @return list<LayerObject> in their order
     */
    public static function joined(array $objects): array
    {
        $joined = [];
        foreach ($objects as $object) {
            $last = array_pop($joined);
            if ($last !== null && self::goesOn($last, $object)) {
                $object = new LayerObject(
                    'draw',
                    [...$last->points, ...array_slice($object->points, 1)],
                    [],
                    [],
                    $object->width,
                );
            } elseif ($last !== null) {
                $joined[] = $last;
            }
            $joined[] = $object;
        }

        return $joined;
    }

    private static function goesOn(LayerObject $last, LayerObject $next): bool
    {
        $count = count($last->points);
        if (
            $last->shape !== 'draw' ||
            $next->shape !== 'draw' ||
            $last->width !== $next->width ||
            $count > 400 ||
            $last->points[$count - 1]->distanceTo($next->points[0]) > self::JOIN
        ) {
            return false;
        }
        $turn = abs(
            self::angle($next->points[0], $next->points[1] ?? $next->points[0]) -
                self::angle($last->points[$count - 2] ?? $last->points[0], $last->points[$count - 1]),
        );
        $turn = min($turn, 360.0 - $turn);

        return $turn >= self::TURN[0] && $turn <= self::TURN[1];
    }

    private static function angle(Point $from, Point $to): float
    {
        return rad2deg(atan2($to->y - $from->y, $to->x - $from->x));
    }
}
