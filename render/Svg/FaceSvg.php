<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use ChiralexRender\Markup;

/** A face of a case with the parts in its holes: seen from outside where they are mounted, from inside where they are wired. */
final readonly class FaceSvg
{
    private const MARGIN = 3.0;
    /** Of a hole nobody has said the size of, millimetres. */
    private const USUAL = 6.0;

    /** @param list<string> $lit parts of the step */
    public function face(DrillFace $face, array $lit, bool $inside): string
    {
        [$width, $height] = [$face->width + 2 * self::MARGIN, $face->height + 2 * self::MARGIN];
        $svg =
            '<rect x="' .
            Num::of(self::MARGIN) .
            '" y="' .
            Num::of(self::MARGIN) .
            '" width="' .
            Num::of($face->width) .
            '" height="' .
            Num::of($face->height) .
            '" rx="2" fill="#efece3" stroke="#1f282b" stroke-width="0.5"/>';
        foreach ($face->holes as $hole) {
            $x = self::MARGIN + $face->width / 2 + ($inside ? -$hole->x : $hole->x);
            $svg .= $this->hole(
                $hole,
                $x,
                self::MARGIN + $face->height / 2 - $hole->y,
                in_array($hole->for, $lit, true),
            );
        }
        [$w, $h] = [Num::of($width), Num::of($height)];
        $label = Markup::text(trim("{$face->by} {$face->face}"));

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$w} {$h}\" role=\"img\" aria-label=\"{$label}\">{$svg}</svg>";
    }

    private function hole(Hole $hole, float $x, float $y, bool $lit): string
    {
        $r = ($hole->diameter ?? self::USUAL) / 2;

        return '<circle cx="' .
            Num::of($x) .
            '" cy="' .
            Num::of($y) .
            '" r="' .
            Num::of($r) .
            '" fill="' .
            ($lit ? '#a5471d' : '#fff') .
            '" stroke="#1f282b" stroke-width="0.4"/><text x="' .
            Num::of($x) .
            '" y="' .
            Num::of($y - $r - 1.2) .
            '" font-size="4" text-anchor="middle" font-weight="' .
            ($lit ? '700' : '400') .
            '">' .
            Markup::text($hole->for) .
            '</text>';
    }
}
