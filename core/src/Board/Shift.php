<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** How all places of a board are brought over its outline: turned about the origin of their file, then moved. */
final readonly class Shift
{
    /** @param float $turn degrees counter-clockwise, seen from the top */
    public function __construct(public Point $move, public float $turn) {}

    public function of(Placement $placement): Placement
    {
        $at = $placement->at->turned($this->turn)->plus($this->move->x, $this->move->y);

        return new Placement(
            $placement->designator,
            $at,
            fmod(fmod($placement->rotation + $this->turn, 360.0) + 360.0, 360.0),
            $placement->side,
            $placement->board,
            $placement->row,
        );
    }
}
