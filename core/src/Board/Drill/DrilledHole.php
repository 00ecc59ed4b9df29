<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill;

use Chiralex\Board\Point;

/** A hole of a drill file, in the file's own coordinates, millimetres. */
final readonly class DrilledHole
{
    public function __construct(public Point $at, public float $diameter, public bool $plated) {}

    /** The same hole told twice, by a drill file and a drill layer. */
    public function isSame(self $other): bool
    {
        return $this->at->distanceTo($other->at) <= 0.01 && abs($this->diameter - $other->diameter) <= 0.01;
    }
}
