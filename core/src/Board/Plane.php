<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** The table seen from the board: z = h + gx x + gy y, z in millimetres below the face that looks down. */
final readonly class Plane
{
    public function __construct(public float $h, public float $gx, public float $gy) {}

    public function at(Point $point): float
    {
        return $this->h + $this->gx * $point->x + $this->gy * $point->y;
    }

    /** Degrees against the board. */
    public function tilt(): float
    {
        return rad2deg(atan(hypot($this->gx, $this->gy)));
    }

    /** Distance from a point at a height to the table, along the table's normal. */
    public function gap(Point $point, float $height): float
    {
        return ($this->at($point) - $height) / sqrt(1 + $this->gx ** 2 + $this->gy ** 2);
    }
}
