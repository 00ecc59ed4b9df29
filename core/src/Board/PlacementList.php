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
}
