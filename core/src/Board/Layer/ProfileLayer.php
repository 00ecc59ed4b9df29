<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Point;
use Chiralex\Board\Polygon;

/** The outline of a board from a profile layer: draws and arcs chained end to end, or a region; of several contours the largest. */
final readonly class ProfileLayer
{
    /** Ends closer than this belong together, millimetres. */
    private const JOIN = 0.01;

    /** @return ?Polygon null where no contour closes */
    public function outline(Layer $layer): ?Polygon
    {
        return $this->contours($layer)[0] ?? null;
    }

    /** @return list<Polygon> every closed contour, the largest first; what lies inside that is cut out */
    public function contours(Layer $layer): array
    {
        $contours = $pieces = [];
        foreach ($layer->objects as $object) {
            if ($object->shape === 'region') {
                $contours[] = new Polygon($object->points);
            } elseif ($object->shape === 'draw' && $this->isLine($object->points)) {
                $pieces[] = $object->points;
            }
        }
        array_push($contours, ...$this->chained($pieces));
        usort($contours, static fn(Polygon $a, Polygon $b): int => $b->area() <=> $a->area());

        return $contours;
    }

    /**
     * @param list<non-empty-list<Point>> $pieces
     * @return list<Polygon>
     */
    private function chained(array $pieces): array
    {
        $at = [];
        foreach ($pieces as $index => $piece) {
            foreach ([$piece[0], $piece[count($piece) - 1]] as $end) {
                $at[$this->cell($end, 0, 0)][] = $index;
            }
        }
        $contours = [];
        $used = [];
        foreach ($pieces as $index => $chain) {
            if (isset($used[$index])) {
                continue;
            }
            $used[$index] = true;
            while (!$this->meets($chain[0], $chain[count($chain) - 1])) {
                $next = $this->next($chain[count($chain) - 1], $pieces, $at, $used);
                if ($next === null) {
                    break;
                }
                $used[$next] = true;
                $isForward = $this->meets($chain[count($chain) - 1], $pieces[$next][0]);
                array_push($chain, ...array_slice($isForward ? $pieces[$next] : array_reverse($pieces[$next]), 1));
            }
            if (count($chain) > 3 && $this->meets($chain[0], $chain[count($chain) - 1])) {
                array_pop($chain);
                $contours[] = new Polygon($chain);
            }
        }

        return $contours;
    }

    /**
     * The first piece not yet used that begins or ends at a point.
     *
     * @param list<non-empty-list<Point>> $pieces
     * @param array<string, array<int, int>> $at pieces by the cells of their ends; used ones are taken out
     * @param array<int, true> $used
     */
    private function next(Point $end, array $pieces, array &$at, array $used): ?int
    {
        $found = null;
        foreach ([-1, 0, 1] as $x) {
            foreach ([-1, 0, 1] as $y) {
                $cell = $this->cell($end, $x, $y);
                foreach ($at[$cell] ?? [] as $key => $index) {
                    $piece = $pieces[$index];
                    if (isset($used[$index])) {
                        unset($at[$cell][$key]);
                    } elseif ($this->meets($end, $piece[0]) || $this->meets($end, $piece[count($piece) - 1])) {
                        $found = $found === null ? $index : min($found, $index);
                        break;
                    }
                }
            }
        }

        return $found;
    }

    /** The cell of a point, or a neighbour of it; ends that meet lie in neighbouring cells. */
    private function cell(Point $point, int $x, int $y): string
    {
        return (int) floor($point->x / self::JOIN) + $x . ' ' . ((int) floor($point->y / self::JOIN) + $y);
    }

    private function meets(Point $a, Point $b): bool
    {
        return $a->distanceTo($b) <= self::JOIN;
    }

    /**
     * A line, or an arc all round; no line of no length.
     *
     * @param non-empty-list<Point> $points
     */
    private function isLine(array $points): bool
    {
        return count($points) > 2 || (count($points) === 2 && !$this->meets($points[0], $points[1]));
    }
}
