<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** One side of one board. */
final readonly class Face
{
    public function __construct(public string $board, public Side $side) {}

    public function key(): string
    {
        return "{$this->board} {$this->side->value}";
    }
}
