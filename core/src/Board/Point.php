<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** A place on a board in millimetres: x right, y up, as seen from the top side. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    public function plus(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y);
    }

    /** Turned counter-clockwise about the origin; quarter turns are exact. */
    public function turned(float $degrees): self
    {
        $quarter = fmod(fmod($degrees, 360.0) + 360.0, 360.0);
        [$cos, $sin] = match ($quarter) {
            0.0 => [1.0, 0.0],
            90.0 => [0.0, 1.0],
            180.0 => [-1.0, 0.0],
            270.0 => [0.0, -1.0],
            default => [cos(deg2rad($quarter)), sin(deg2rad($quarter))],
        };

        return new self($this->x * $cos - $this->y * $sin, $this->x * $sin + $this->y * $cos);
    }

    public function distanceTo(self $other): float
    {
        return hypot($this->x - $other->x, $this->y - $other->y);
    }
}
