<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Layer\Internal\Shapes;
use Chiralex\Board\Point;

/** The areas that an object of a layer inks, in the order in which they are laid. */
final readonly class LayerInk
{
    /** @return list<Patch> in the coordinates of the file; of a clear object what is dark takes ink away */
    public function of(LayerObject $object): array
    {
        return match ($object->shape) {
            'region' => [new Patch([$object->points], $object->isDark)],
            'flash' => $this->flash($object, $object->points[0]),
            default => $this->draw($object),
        };
    }

    /** @return list<Patch> */
    private function flash(LayerObject $object, Point $at): array
    {
        if ($object->patches === []) {
            return $object->width <= 0.0 ? [] : [new Patch([Shapes::circle($object->width, $at)], $object->isDark)];
        }

        return array_map(
            static fn(Patch $patch): Patch => new Patch(
                $patch->mapped(static fn(Point $point): Point => $point->plus($at->x, $at->y))->contours,
                $patch->isDark === $object->isDark,
            ),
            $object->patches,
        );
    }

    /** @return list<Patch> one for each piece of the line */
    private function draw(LayerObject $object): array
    {
        $patches = [];
        for ($i = 1; $i < count($object->points); ++$i) {
            [$from, $to] = [$object->points[$i - 1], $object->points[$i]];
            $contour =
                $object->patches === [] ? Shapes::bar($from, $to, $object->width) : $this->swept($object, $from, $to);
            if (count($contour) > 2) {
                $patches[] = new Patch([$contour], $object->isDark);
            }
        }

        return $patches;
    }

    /**
     * What an aperture covers on its way.
     *
     * @return list<Point>
     */
    private function swept(LayerObject $object, Point $from, Point $to): array
    {
        $points = [];
        foreach ($object->patches[0]->contours[0] ?? [] as $corner) {
            $points[] = $corner->plus($from->x, $from->y);
            $points[] = $corner->plus($to->x, $to->y);
        }

        return Shapes::hull($points);
    }
}
