<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Kit\DrillFace;
use ChiralexRender\Markup;

/** A drilling template at true size: the face's edge, its centre lines, every hole with cross hairs and size, and bars to check the scale. */
final readonly class DrillSvg
{
    /** Around the face, millimetres. */
    public const MARGIN = 8.0;
    private const FOOT = 22.0;
    private const SMALL = 0.6;
    private const CHARACTER = 1.8;

    /** @return array{float, float} width and height in millimetres */
    public static function size(DrillFace $face): array
    {
        return [
            max($face->width, CheckBar::LENGTH + 14) + 2 * self::MARGIN,
            $face->height + 2 * self::MARGIN + self::FOOT,
        ];
    }

    /** @param ?array{float, float, float, float} $window left, top, width, height of a tile; the whole otherwise */
    public function face(DrillFace $face, ?array $window = null): string
    {
        [$width, $height] = self::size($face);
        $window ??= [0.0, 0.0, $width, $height];
        $cx = self::MARGIN + $face->width / 2;
        $cy = self::MARGIN + $face->height / 2;
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="%s" role="img" aria-label="%s">',
            Num::of($window[2]),
            Num::of($window[3]),
            implode(' ', array_map(Num::of(...), $window)),
            Markup::text(trim("{$face->by} {$face->face}")),
        );
        $svg .= sprintf(
            '<rect class="edge" x="%1$s" y="%1$s" width="%2$s" height="%3$s" fill="none" stroke="#000" stroke-width="0.3"/>',
            Num::of(self::MARGIN),
            Num::of($face->width),
            Num::of($face->height),
        );
        $svg .= sprintf(
            '<path class="centre" d="M%s %sv%sM%s %sh%s" fill="none" stroke="#000" stroke-width="0.15" stroke-dasharray="6 1.5 1 1.5"/>',
            Num::of($cx),
            Num::of(self::MARGIN - 4),
            Num::of($face->height + 8),
            Num::of(self::MARGIN - 4),
            Num::of($cy),
            Num::of($face->width + 8),
        );
        foreach ($face->holes as $hole) {
            $r = ($hole->diameter ?? 0.0) / 2;
            $x = $cx + $hole->x;
            $y = $cy - $hole->y;
            $arm = max($r + 1.5, 3.0);
            $svg .= sprintf(
                '<g class="hole" data-ref="%s" fill="none" stroke="#000" stroke-width="0.2"><circle cx="%s" cy="%s" r="%s"/><path d="M%s %sh%sM%s %sv%s"/></g>',
                Markup::text($hole->for),
                Num::of($x),
                Num::of($y),
                Num::of($r),
                Num::of($x - $arm),
                Num::of($y),
                Num::of(2 * $arm),
                Num::of($x),
                Num::of($y - $arm),
                Num::of(2 * $arm),
            );
            $label = $hole->for . ($hole->diameter === null ? '' : " \u{00D8}" . Num::of($hole->diameter));
            $left = $x + $r + mb_strlen($label) * self::CHARACTER > self::MARGIN + $face->width;
            $svg .= sprintf(
                '<text x="%s" y="%s" font-size="2.8" text-anchor="%s" stroke="#fff" stroke-width="%s" paint-order="stroke">%s</text>',
                Num::of($left ? $x - $r - 0.8 : $x + $r + 0.8),
                Num::of($y - $r * 0.5 - 0.8),
                $left ? 'end' : 'start',
                self::SMALL,
                Markup::text($label),
            );
        }

        return $svg . CheckBar::at(self::MARGIN, self::MARGIN + $face->height + self::MARGIN + 4) . '</svg>';
    }
}
