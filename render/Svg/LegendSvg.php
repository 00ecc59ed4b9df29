<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Layer\LayerInk;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\Patch;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\BoardReading;

/** The legend of a board as its file draws it; a heavy one without what is too small to be seen. */
final readonly class LegendSvg
{
    /** Points drawn at most. */
    private const MOST = 12_000;
    /** What is left out of a heavy legend, the smallest first, millimetres. */
    private const SMALL = [0.0, 0.1, 0.2, 0.4, 0.8, 1.6, 3.2];
    /** Thinnest line that shows, millimetres. */
    private const THIN = 0.12;

    /** @return string empty without a legend, or where it counts from another origin than the board */
    public function of(BoardReading $drawn, BoardShape $board, Side $side, Frame $frame, string $silk): string
    {
        $objects = $drawn->legends["{$board->name} {$side->value}"] ?? [];
        $isAt = ($drawn->boards[$board->name] ?? null)?->isAt($board->outline) === true;
        if ($objects === [] || !$isAt) {
            return '';
        }
        $layers = [];
        foreach ($this->light($objects) as $object) {
            $last = count($layers) - 1;
            if ($last < 0 || $layers[$last][0]->isDark !== $object->isDark) {
                $layers[] = [];
                ++$last;
            }
            $layers[$last][] = $object;
        }
        $isMasked = array_filter($layers, static fn(array $layer): bool => !$layer[0]->isDark) !== [];
        $name = "legend-{$side->value}-" . md5($board->name);
        $svg = implode(
            '',
            array_map(
                fn(array $layer): string => $this->layer(
                    $layer,
                    $frame,
                    $isMasked ? ($layer[0]->isDark ? '#fff' : '#000') : $silk,
                ),
                $layers,
            ),
        );

        // What takes ink away is black in a mask over a field of ink.
        return sprintf(
            '<g class="legend" fill="none" stroke-linecap="round" stroke-linejoin="round">%s</g>',
            $isMasked
                ? sprintf(
                    '<mask id="%1$s" maskUnits="userSpaceOnUse" x="-10%%" y="-10%%" width="120%%" height="120%%">%2$s</mask>' .
                        '<path d="%3$sZ" fill="%4$s" mask="url(#%1$s)"/>',
                    $name,
                    $svg,
                    self::path($board->outline->corners, $frame),
                    $silk,
                )
                : $svg,
        );
    }

    /** @param list<LayerObject> $objects all dark, or all clear */
    private function layer(array $objects, Frame $frame, string $colour): string
    {
        $lines = [];
        $areas = '';
        foreach ($objects as $object) {
            if ($object->shape !== 'region' && $object->patches === []) {
                $width = Num::of(max(self::THIN, $object->width));
                $lines[$width] = ($lines[$width] ?? '') . self::path($object->points, $frame);
                continue;
            }
            foreach ((new LayerInk())->of($object) as $patch) {
                $areas .= $patch->isDark === $object->isDark ? $this->area($patch, $frame) : '';
            }
        }
        $svg =
            $areas === '' ? '' : sprintf('<path d="%s" fill="%s" fill-rule="evenodd" stroke="none"/>', $areas, $colour);
        foreach ($lines as $width => $path) {
            $svg .= sprintf('<path d="%s" stroke="%s" stroke-width="%s"/>', $path, $colour, $width);
        }

        return $svg;
    }

    private function area(Patch $patch, Frame $frame): string
    {
        return implode(
            '',
            array_map(static fn(array $contour): string => self::path($contour, $frame) . 'Z', $patch->contours),
        );
    }

    /**
     * @param list<LayerObject> $objects
     * @return list<LayerObject> lines that go on joined, and of a heavy legend only what can be seen
     */
    private function light(array $objects): array
    {
        $joined = LegendLines::joined($objects);
        foreach (self::SMALL as $small) {
            $kept = array_values(
                array_filter($joined, static fn(LayerObject $each): bool => LegendLines::extent($each) >= $small),
            );
            $weight = array_sum(array_map(LegendLines::weight(...), $kept));
            if ($weight <= self::MOST) {
                return $kept;
            }
        }

        return [];
    }

    /**
     * Ends of a line, corners of an area; a dot is a line of no length.
     *
     * @param list<Point> $points
     */
    private static function path(array $points, Frame $frame): string
    {
        $places = array_map(static function (Point $point) use ($frame): string {
            $at = $frame->point($point);

            return Num::of($at->x) . ' ' . Num::of($at->y);
        }, $points);

        return 'M' . implode('L', count($places) === 1 ? [...$places, ...$places] : $places);
    }
}
