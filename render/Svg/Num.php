<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** Short numbers for SVG. */
final readonly class Num
{
    public static function of(float $number): string
    {
        $text = rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');

        return $text === '-0' || $text === '' ? '0' : $text;
    }
}
