<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Random\Randomizer;

/** How the values of a part lie within its tolerance; which of them a lot has is common practice, no source. */
enum Spread: string
{
    /** Anywhere, alike. */
    case Even = 'even';
    /** About the middle, three standard deviations from end to middle. */
    case Bell = 'bell';
    /** The middle half was sorted out and is sold as a closer class. */
    case Hollow = 'hollow';

    private const FINE = 1_000_000;
    private const SIGMAS = 3.0;

    /** A value drawn within an interval. */
    public function draw(Randomizer $random, Interval $in): float
    {
        $half = $in->width() / 2;

        return $in->low +
            $half +
            $half *
                match ($this) {
                    self::Even => 2 * self::unit($random) - 1,
                    self::Bell => self::bell($random),
                    self::Hollow => [-1, 1][$random->getInt(0, 1)] * (0.5 + self::unit($random) / 2),
                };
    }

    /** Between -1 and 1: what a normal distribution would put outside is drawn again. */
    private static function bell(Randomizer $random): float
    {
        do {
            $value =
                (sqrt(-2 * log(max(1 / self::FINE, self::unit($random)))) * cos(2 * M_PI * self::unit($random))) /
                self::SIGMAS;
        } while (abs($value) > 1.0);

        return $value;
    }

    private static function unit(Randomizer $random): float
    {
        return $random->getInt(0, self::FINE) / self::FINE;
    }
}
