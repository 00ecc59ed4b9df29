<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

/** Usual resealable bags, width by height in millimetres; common practice, no source. */
enum BagSize: string
{
    case Small = '60x80';
    case Medium = '80x120';
    case Large = '120x170';
    case ExtraLarge = '160x220';
    case Box = 'box';

    /** Parts lie loosely: a bag takes about this many cubic millimetres of bodies; common practice, no source. */
    private function capacity(): float
    {
        return match ($this) {
            self::Small => 12_000.0,
            self::Medium => 40_000.0,
            self::Large => 130_000.0,
            self::ExtraLarge => 320_000.0,
            self::Box => INF,
        };
    }

    /** Cubic millimetres of bodies that the largest bag takes. */
    public static function largest(): float
    {
        return self::ExtraLarge->capacity();
    }

    /** @param float $volume cubic millimetres of all bodies together */
    public static function for(float $volume): self
    {
        foreach (self::cases() as $size) {
            if ($volume <= $size->capacity()) {
                return $size;
            }
        }

        return self::Box;
    }
}
