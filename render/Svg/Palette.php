<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Marking\Colour;

/** Colours of boards and bodies. */
final readonly class Palette
{
    public const MASK = '#3F5C55';
    public const SILK = '#EFEBDF';
    public const PAD = '#CDA765';
    public const LEAD = '#B9BCBA';
    public const BLACK = '#26292C';

    /** Solder masks as boards come; quiet, so that parts stand out. */
    public static function mask(string $name): string
    {
        return match ($name) {
            'green' => '#2F6B45',
            'blue' => '#2E4F83',
            'black' => '#2B2E30',
            'red' => '#8C3434',
            'white' => '#D9D8D2',
            'purple' => '#5A3C75',
            'yellow' => '#B99A3A',
            default => self::MASK,
        };
    }

    public static function silk(string $name): string
    {
        return match ($name) {
            'black' => '#141414',
            'yellow' => '#F1DD8A',
            default => self::SILK,
        };
    }

    public static function band(Colour $colour): string
    {
        return match ($colour) {
            Colour::Black => '#141414',
            Colour::Brown => '#6B3E1D',
            Colour::Red => '#B9252B',
            Colour::Orange => '#E07B24',
            Colour::Yellow => '#E8CB33',
            Colour::Green => '#2E7D46',
            Colour::Blue => '#2F5BA8',
            Colour::Violet => '#7C4A9E',
            Colour::Grey => '#83898B',
            Colour::White => '#F3F2EC',
            Colour::Gold => '#C79A3B',
            Colour::Silver => '#B7BBBD',
            Colour::Pink => '#E39AAE',
        };
    }

    /** The glow of an LED by its name in the parts list. */
    public static function lens(string $name): string
    {
        $name = strtolower($name);

        return match (true) {
            str_contains($name, 'red') => '#E8B4B0',
            str_contains($name, 'green') => '#B9DDBE',
            str_contains($name, 'blue') => '#B5C9EA',
            str_contains($name, 'yellow'), str_contains($name, 'amber') => '#EBDDA2',
            default => '#DDE3E6',
        };
    }
}
