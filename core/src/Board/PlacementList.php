<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Reason\Problem;

/** Placements read from a file, and what was wrong with its rows. */
final readonly class PlacementList
{
    /**
     * @param array<string, Placement> $placements by designator
     * @param list<Problem> $problems
     */
    public function __construct(public array $placements, public array $problems, public string $file) {}

    /** @param array<string, Shift> $shifts by board */
    public function shifted(array $shifts): self
    {
        return new self(
            array_map(
                static fn(Placement $each): Placement => isset($shifts[$each->board])
                    ? $shifts[$each->board]->of($each)
                    : $each,
                $this->placements,
            ),
            $this->problems,
            $this->file,
        );
    }
}
