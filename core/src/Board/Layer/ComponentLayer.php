<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Placement;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Limits;

/**
 * Components from a component layer: a flash with aperture function `ComponentMain` at the centre of each, its pins as
 * flashes with `.P`, its body as draws or regions of `ComponentOutline` (Gerber layer format specification, component layers).
 */
final readonly class ComponentLayer
{
    /** Outlines from the most wanted to the least: the body alone, with its leads, the footprint, the courtyard. */
    private const OUTLINES = ['Body' => 0, 'Lead2Lead' => 1, 'Footprint' => 2, 'Courtyard' => 3];

    public static function side(Layer $layer): Side
    {
        return in_array('Bot', $layer->function, true) ? Side::Bottom : Side::Top;
    }

    /** @return list<LayerComponent> in the order of the file; of two of one name the first */
    public function components(Layer $layer, string $board): array
    {
        $mains = $pins = $outlines = [];
        foreach ($layer->objects as $object) {
            $designator = $object->says('.C') !== '' ? $object->says('.C') : $object->says('.P');
            if ($designator === '') {
                continue;
            }
            $role = $object->function[0] ?? '';
            if ($object->says('.P') !== '' && $object->shape === 'flash') {
                $pins[$designator][$object->attributes['.P'][1] ?? ''] = $object->points[0];
            } elseif ($role === 'ComponentOutline') {
                $outlines[$designator][$object->function[1] ?? 'Courtyard'] = [
                    ...$outlines[$designator][$object->function[1] ?? 'Courtyard'] ?? [],
                    ...$object->points,
                ];
            } elseif ($object->shape === 'flash') {
                $mains[$designator] ??= $object;
            }
        }

        return array_map(
            fn(string|int $name, LayerObject $main): LayerComponent => $this->component(
                (string) $name,
                $main,
                self::side($layer),
                $board,
                $pins[$name] ?? [],
                $outlines[$name] ?? [],
            ),
            array_keys($mains),
            $mains,
        );
    }

    /**
     * @param array<array-key, Point> $pins
     * @param array<string, list<Point>> $outlines by what they enclose
     */
    private function component(
        string $designator,
        LayerObject $main,
        Side $side,
        string $board,
        array $pins,
        array $outlines,
    ): LayerComponent {
        $rotation =
            is_numeric($main->says('.CRot')) && abs((float) $main->says('.CRot')) < Limits::NUMBER
                ? (float) $main->says('.CRot')
                : 0.0;
        uksort(
            $outlines,
            static fn(string $a, string $b): int => (self::OUTLINES[$a] ?? 9) <=> (self::OUTLINES[$b] ?? 9),
        );
        $height = $main->says('.CHgt');
        $named = [];
        foreach ($pins as $name => $pin) {
            $named[(string) $name] = $pin;
        }

        return new LayerComponent(
            new Placement($designator, $main->points[0], fmod(fmod($rotation, 360.0) + 360.0, 360.0), $side, $board),
            $main->says('.CVal'),
            $main->says('.CPgN') !== '' ? $main->says('.CPgN') : $main->says('.CFtp'),
            is_numeric($height) && (float) $height > 0.0 && (float) $height < Limits::PLACE_MM ? (float) $height : null,
            $named,
            array_values($outlines)[0] ?? [],
        );
    }
}
