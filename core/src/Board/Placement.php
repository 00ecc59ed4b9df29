<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** Where a part sits: millimetres, degrees counter-clockwise, both as seen from the top side. */
final readonly class Placement
{
    public function __construct(
        public string $designator,
        public Point $at,
        public float $rotation,
        public Side $side,
        public string $board,
        public ?int $row = null,
    ) {}

    public function of(string $designator): self
    {
        return new self($designator, $this->at, $this->rotation, $this->side, $this->board, $this->row);
    }
}
