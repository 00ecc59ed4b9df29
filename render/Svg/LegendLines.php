<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Layer\LayerObject;

/** Lines of a legend: those that go on from one another are one. */
final readonly class LegendLines
{
    /** Ends this near are one, millimetres. */
    private const JOIN = 0.001;

    /**
     * @param list<LayerObject> $objects
     * @return list<LayerObject> in their order
     */
    public static function joined(array $objects): array
    {
        $joined = [];
        foreach ($objects as $object) {
            $last = $joined[count($joined) - 1] ?? null;
            if ($last !== null && self::goesOn($last, $object)) {
                array_pop($joined);
                $object = new LayerObject(
                    'draw',
                    [...$last->points, ...array_slice($object->points, 1)],
                    [],
                    [],
                    $object->width,
                    isDark: $object->isDark,
                );
            }
            $joined[] = $object;
        }

        return $joined;
    }

    /** The longer side of the box around it, millimetres. */
    public static function extent(LayerObject $object): float
    {
        [$xs, $ys] = [array_column($object->points, 'x'), array_column($object->points, 'y')];
        $reach = $object->width;
        foreach ($object->patches as $patch) {
            foreach (array_merge(...$patch->contours) as $point) {
                $reach = max($reach, 2 * abs($point->x), 2 * abs($point->y));
            }
        }

        return max(max($xs) - min($xs), max($ys) - min($ys)) + $reach;
    }

    /** Points that are drawn for it. */
    public static function weight(LayerObject $object): int
    {
        $corners = 0;
        foreach ($object->patches as $patch) {
            $corners += array_sum(array_map(count(...), $patch->contours));
        }

        return count($object->points) + $corners;
    }

    private static function goesOn(LayerObject $last, LayerObject $next): bool
    {
        return $last->shape === 'draw' &&
            $next->shape === 'draw' &&
            $last->patches === [] &&
            $next->patches === [] &&
            $last->isDark === $next->isDark &&
            $last->width === $next->width &&
            count($last->points) < 200 &&
            $last->points[count($last->points) - 1]->distanceTo($next->points[0]) < self::JOIN;
    }
}
