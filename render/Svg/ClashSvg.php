<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Face;
use Chiralex\Board\Point;
use Chiralex\Review\BodyClash;
use ChiralexRender\Markup;

/** Where bodies want the same room, or stand over the edge, drawn on the board: filled where it is sure, a dashed line where a size is only usual. */
final readonly class ClashSvg
{
    private const HARM = '#A3242B';
    private const DOUBT = '#8A5A00';

    /** @param list<BodyClash> $clashes */
    public function of(array $clashes, Face $face, Frame $frame): string
    {
        $svg = '';
        foreach ($clashes as $clash) {
            if ($clash->face->board !== $face->board || $clash->face->side !== $face->side) {
                continue;
            }
            $corners = array_map(static function (Point $corner) use ($frame): string {
                $at = $frame->point($corner);

                return Num::of($at->x) . ' ' . Num::of($at->y);
            }, $clash->area->corners);
            $svg .= sprintf(
                '<path d="M%sZ" %s data-refs="%s"><title>%s</title></path>',
                implode('L', $corners),
                $clash->certainty === 'typical'
                    ? sprintf('fill="none" stroke="%s" stroke-width="0.4" stroke-dasharray="1 0.6"', self::DOUBT)
                    : sprintf('fill="%s" fill-opacity="0.6" stroke="%1$s" stroke-width="0.4"', self::HARM),
                Markup::text(implode(' ', $clash->designators)),
                Markup::text(implode(', ', $clash->designators) . ': ' . Num::of($clash->mm) . ' mm'),
            );
        }

        return $svg === '' ? '' : "<g class=\"clash\">{$svg}</g>";
    }
}
