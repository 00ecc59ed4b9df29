<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** A ruler at true size whose marks are pieces on a tape of one pitch. */
final readonly class TapeRulerSvg
{
    private const LONG = 175.0;
    /** Millimetres between two written numbers at least. */
    private const APART = 8.0;

    /** @param float $pitch millimetres from piece to piece */
    public static function of(float $pitch): string
    {
        $pieces = (int) floor(self::LONG / $pitch);
        $named = 1;
        foreach ([1, 2, 5, 10] as $each) {
            $named = $each;
            if ($each * $pitch >= self::APART) {
                break;
            }
        }
        $ticks = '';
        for ($piece = 0; $piece <= $pieces; ++$piece) {
            $isNamed = $piece % $named === 0;
            $ticks .= sprintf(
                '<path d="M%s 8v%s" stroke="#000" stroke-width="0.2"/>',
                Num::of($piece * $pitch),
                Num::of($isNamed ? -5.0 : -3.0),
            );
            $ticks .= $isNamed
                ? sprintf(
                    '<text x="%s" y="2.4" font-size="2.6" text-anchor="middle">%d</text>',
                    Num::of($piece * $pitch),
                    $piece,
                )
                : '';
        }

        return sprintf(
            '<svg class="ruler" xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="9mm" viewBox="-4 0 %1$s 9"><path d="M0 8H%2$s" stroke="#000" stroke-width="0.25"/>%3$s</svg>',
            Num::of(self::LONG + 8.0),
            Num::of($pieces * $pitch),
            $ticks,
        );
    }
}
