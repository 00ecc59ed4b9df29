<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

/** From the least to the greatest reading that is taken for a right bag, grams, both ends in. */
final readonly class Window
{
    /** Divisions that a limit may miss a whole one by, because of the computer's own rounding. */
    private const HAIR = 1e-9;

    private function __construct(public float $low, public float $high) {}

    /** Rounded outward to the division. */
    public static function around(float $low, float $high, float $division): self
    {
        return new self(
            round(floor($low / $division + self::HAIR) * $division, 9),
            round(ceil($high / $division - self::HAIR) * $division, 9),
        );
    }
}
