<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** A ruler at true size: millimetres above, positions of strips at 2.54 mm below. */
final readonly class RulerSvg
{
    private const LONG = 170;
    private const PITCH = 2.54;

    public static function of(): string
    {
        $ticks = '';
        for ($mm = 0; $mm <= self::LONG; ++$mm) {
            $ticks .= self::tick($mm, 8.0, $mm % 10 === 0 ? -5.0 : ($mm % 5 === 0 ? -3.5 : -2.0));
            $ticks .= $mm % 10 === 0 ? self::text($mm, 2.4, (string) $mm) : '';
        }
        for ($position = 0; $position * self::PITCH <= self::LONG; ++$position) {
            $at = $position * self::PITCH;
            $ticks .= self::tick($at, 8.0, $position % 10 === 0 ? 5.0 : ($position % 5 === 0 ? 3.5 : 2.0));
            $ticks .= $position % 5 === 0 ? self::text($at, 16.0, (string) $position) : '';
        }

        return sprintf(
            '<svg class="ruler" xmlns="http://www.w3.org/2000/svg" width="%1$dmm" height="18mm" viewBox="-3 0 %1$d 18"><path d="M0 8H%2$d" stroke="#000" stroke-width="0.25"/>%3$s</svg>',
            self::LONG + 8,
            self::LONG,
            $ticks,
        );
    }

    private static function tick(float $at, float $from, float $by): string
    {
        return sprintf(
            '<path d="M%s %sv%s" stroke="#000" stroke-width="0.15"/>',
            Num::of($at),
            Num::of($from),
            Num::of($by),
        );
    }

    private static function text(float $at, float $y, string $text): string
    {
        return sprintf(
            '<text x="%s" y="%s" font-size="2.6" text-anchor="middle">%s</text>',
            Num::of($at),
            Num::of($y),
            $text,
        );
    }
}
