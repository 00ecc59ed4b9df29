<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** Bars of known length on a print at true size: 100 mm and 4 in, each with its ticks. */
final readonly class CheckBar
{
    public const LENGTH = 100.0;
    private const INCH = 25.4;
    private const INCHES = 4;

    /** Two bars from a point to the right; the lower one is 9 mm below. */
    public static function at(float $x, float $y): string
    {
        $svg = self::bar($x, $y, self::LENGTH, 10.0, 'mm', '100 mm');

        return '<g class="checkbar" stroke="#000" stroke-width="0.2" font-size="2.6">' .
            $svg .
            self::bar($x, $y + 9.0, self::INCHES * self::INCH, self::INCH, 'in', '4 in') .
            '</g>';
    }

    private static function bar(float $x, float $y, float $length, float $step, string $unit, string $label): string
    {
        $path = sprintf('M%s %sh%s', Num::of($x), Num::of($y), Num::of($length));
        for ($at = 0.0; $at <= $length + 1e-6; $at += $step) {
            $path .= sprintf(
                'M%s %sv-%s',
                Num::of($x + $at),
                Num::of($y),
                $at < 1e-6 || $at > $length - 1e-6 ? '4' : '2',
            );
        }

        return sprintf(
            '<path class="bar-%s" d="%s" fill="none"/><text x="%s" y="%s" stroke="none">%s</text>',
            $unit,
            $path,
            Num::of($x + $length + 2),
            Num::of($y),
            $label,
        );
    }
}
