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

    /**
     * The same place with its rotation counted from zero orientation A, where the file counts from B.
     *
     * IEC 61188-7 (from memory): at level A pin 1 is upper left, or left of two; at level B it is a quarter turn further
     * counter-clockwise, lower left, or below. On the bottom side outlines are mirrored before they turn, so the quarter turn
     * goes the other way.
     */
    public function fromLevelB(): self
    {
        return new self(
            $this->designator,
            $this->at,
            fmod($this->rotation + ($this->side === Side::Top ? 90.0 : 270.0), 360.0),
            $this->side,
            $this->board,
            $this->row,
        );
    }

    public function face(): Face
    {
        return new Face($this->board, $this->side);
    }

    public function of(string $designator): self
    {
        return new self($designator, $this->at, $this->rotation, $this->side, $this->board, $this->row);
    }
}
