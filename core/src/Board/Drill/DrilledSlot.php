<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill;

use Chiralex\Board\Point;

/** A slot of a drill file, between the centres of its ends, in the file's own coordinates, millimetres. */
final readonly class DrilledSlot
{
    public function __construct(public Point $from, public Point $to, public float $width, public bool $plated) {}

    /** The same for the same slot, whichever end comes first. */
    public function key(): string
    {
        $ends = [
            sprintf('%.2f %.2f', $this->from->x, $this->from->y),
            sprintf('%.2f %.2f', $this->to->x, $this->to->y),
        ];
        sort($ends);

        return implode(' ', $ends) . sprintf(' %.2f', $this->width);
    }
}
