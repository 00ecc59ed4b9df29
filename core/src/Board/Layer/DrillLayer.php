<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Drill\DrillFile;
use Chiralex\Board\Drill\DrillReader;

/** The holes of a drill layer: what is flashed is a hole, what is drawn a slot. */
final readonly class DrillLayer
{
    /** @param string $name tells whether its holes are plated, where no attribute does */
    public function holes(Layer $layer, string $name): DrillFile
    {
        $function = $layer->function[0] ?? null;
        $plated = $function === null ? DrillReader::isPlatedByName($name) : $function !== 'NonPlated';
        $holes = $slots = [];
        $left = 0;
        foreach ($layer->objects as $object) {
            $own = ['Plated' => true, 'NonPlated' => false][$object->function[0] ?? ''] ?? $plated;
            $points = $object->points;
            if ($object->width <= 0.0) {
                ++$left;
            } elseif ($object->shape === 'flash') {
                $holes[] = new DrilledHole($points[0], round($object->width, 6), $own);
            } else {
                for ($i = 1; $i < count($points); ++$i) {
                    $slots[] = new DrilledSlot($points[$i - 1], $points[$i], round($object->width, 6), $own);
                }
            }
        }

        return new DrillFile($holes, $slots, $function, $left);
    }
}
