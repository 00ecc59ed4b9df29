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
            } elseif ($object->shape === 'draw' && count($object->points) > 1) {
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
        $contours = [];
        while ($pieces !== []) {
            $chain = array_shift($pieces);
            do {
                [$chain, $pieces, $grown] = $this->grown($chain, $pieces);
            } while ($grown && !$this->meets($chain[0], $chain[count($chain) - 1]));
            if (count($chain) > 3 && $this->meets($chain[0], $chain[count($chain) - 1])) {
                array_pop($chain);
                $contours[] = new Polygon($chain);
            }
        }

        return $contours;
    }

    /**
     * @param non-empty-list<Point> $chain
     * @param list<non-empty-list<Point>> $pieces
     * @return array{non-empty-list<Point>, list<non-empty-list<Point>>, bool} chain, what is left, whether a piece was added
     */
    private function grown(array $chain, array $pieces): array
    {
        $end = $chain[count($chain) - 1];
        foreach ($pieces as $index => $piece) {
            $forward = $this->meets($end, $piece[0]);
            if ($forward || $this->meets($end, $piece[count($piece) - 1])) {
                unset($pieces[$index]);

                return [
                    [...$chain, ...array_slice($forward ? $piece : array_reverse($piece), 1)],
                    array_values($pieces),
                    true,
                ];
            }
        }

        return [$chain, $pieces, false];
    }

    private function meets(Point $a, Point $b): bool
    {
        return $a->distanceTo($b) <= self::JOIN;
    }
}
