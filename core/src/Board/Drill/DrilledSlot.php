<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill;

use Chiralex\Board\Point;

/** A slot of a drill file, between the centres of its ends, in the file's own coordinates, millimetres. */
final readonly class DrilledSlot
{
    public function __construct(public Point $from, public Point $to, public float $width, public bool $plated) {}
}
