<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\BoardReading;

/** The legend of a board as its file draws it. */
final readonly class LegendSvg
{
    /** Objects drawn; a heavier legend is left to the usual outlines. */
    private const MOST = 3_000;
    /** Thinnest line that shows, millimetres. */
    private const THIN = 0.12;

    /** @return string empty without a legend, where it is too heavy, or where it counts from another origin than the board */
    public function of(BoardReading $drawn, BoardShape $board, Side $side, Frame $frame, string $silk): string
    {
        $objects = $drawn->legends["{$board->name} {$side->value}"] ?? [];
        $isAt = ($drawn->boards[$board->name] ?? null)?->isAt($board->outline) === true;
        if ($objects === [] || count($objects) > self::MOST || !$isAt) {
            return '';
        }
        $lines = [];
        $areas = '';
        foreach ($objects as $object) {
            if ($object->shape === 'region') {
                $areas .= $this->path($object, $frame) . 'Z';
            } else {
                $width = Num::of(max(self::THIN, $object->width));
                $lines[$width] = ($lines[$width] ?? '') . $this->path($object, $frame);
            }
        }
        $svg = $areas === '' ? '' : sprintf('<path d="%s" fill="%s" stroke="none"/>', $areas, $silk);
        foreach ($lines as $width => $path) {
            $svg .= sprintf('<path d="%s" stroke-width="%s"/>', $path, $width);
        }

        return sprintf(
            '<g class="legend" fill="none" stroke="%s" stroke-linecap="round" stroke-linejoin="round">%s</g>',
            $silk,
            $svg,
        );
    }

    /** Ends of a line, corners of an area; a dot is a line of no length. */
    private function path(LayerObject $object, Frame $frame): string
    {
        $points = array_map(static function (Point $point) use ($frame): string {
            $at = $frame->point($point);

            return Num::of($at->x) . ' ' . Num::of($at->y);
        }, $object->points);

        return 'M' . implode('L', count($points) === 1 ? [...$points, ...$points] : $points);
    }
}
