<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Part\BodyShape;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use ChiralexRender\Markup;

/** One part as it lies on the bench, in millimetres: body, marks, and the print on it. */
final readonly class PartPicture
{
    private const LEAD = 4.0;
    private const MARGIN = 0.5;
    /** Height of a printed letter against the body, and its most, in millimetres. */
    private const PRINT = 0.34;
    private const MOST_PRINT = 1.8;

    /** @return array{svg: string, width: float, height: float} size in millimetres; the picture's own unit is the millimetre */
    public function of(KitPart $part): array
    {
        $outline = $part->shape->outline;
        $lying = $outline->shape === BodyShape::Lying;
        $x = $outline->along / 2 + ($lying ? self::LEAD : 0.0) + self::MARGIN;
        $y = $outline->across / 2 + self::MARGIN;
        $leads = $lying
            ? sprintf(
                '<path d="M%s 0H%s" stroke="%s" stroke-width="0.6" fill="none"/>',
                Num::of(-$x),
                Num::of($x),
                Palette::LEAD,
            )
            : '';
        // Bodies are drawn with y up; print is turned back so that it reads.
        $svg = sprintf(
            '<svg viewBox="%s %s %s %s" aria-hidden="true" xmlns="http://www.w3.org/2000/svg">%s<g transform="scale(1 -1)">%s</g>%s</svg>',
            Num::of(-$x),
            Num::of(-$y),
            Num::of(2 * $x),
            Num::of(2 * $y),
            $leads,
            PartLook::of($part)->clear ? $this->clear($part) : (new BodyDrawing())->body($part),
            $this->printed($part),
        );

        return ['svg' => $svg, 'width' => round(2 * $x, 2), 'height' => round(2 * $y, 2)];
    }

    /** A clear lens shows no colour before it lights. */
    private function clear(KitPart $part): string
    {
        return str_replace(
            'fill="' . Palette::lens($part->line->cells->value) . '"',
            'fill="' . Palette::lens('') . '" stroke="#8D9392" stroke-width="0.15"',
            (new BodyDrawing())->body($part),
        );
    }

    private function printed(KitPart $part): string
    {
        $code = PartLook::of($part)->code;
        if ($code === null || $code === '' || $part->row->is(Role::Lens)) {
            return '';
        }
        $width = $part->shape->outline->along * 0.82;
        $size = min(
            $part->shape->outline->across * self::PRINT,
            self::MOST_PRINT,
            $width / max(1, mb_strlen($code)) / 0.6,
        );
        $light = !in_array($part->kind(), [Kind::Ceramic, Kind::Tantalum, Kind::Crystal], true);

        return sprintf(
            '<text x="0" y="%s" font-family="Mono, monospace" font-size="%s" text-anchor="middle" fill="%s">%s</text>',
            Num::of($size * 0.35),
            Num::of($size),
            $light ? '#EFEBDF' : '#141414',
            Markup::text($code),
        );
    }
}
