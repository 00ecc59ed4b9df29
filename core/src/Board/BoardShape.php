<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** One board: its outline and what is true of it. */
final readonly class BoardShape
{
    /**
     * @param float $thickness millimetres
     * @param int $reading quarter turns clockwise in degrees (0, 90, 180, 270) that bring the board into the maker's view
     * @param array<string, string> $squarePad kind to what its square pad means
     * @param ?string $joinedTo name of the board it is still part of
     * @param Point $at where its origin lies on that board
     * @param string $mask colour of the solder mask, empty where nobody said
     * @param string $silk colour of the print
     * @param bool $outlineGiven false when the outline was drawn around the placements
     * @param string $level zero orientation from which its placement file counts: A or B of IEC 61188-7
     */
    public function __construct(
        public string $name,
        public Polygon $outline,
        public float $thickness = 1.6,
        public bool $plated = true,
        public int $reading = 0,
        public array $squarePad = [],
        public ?string $joinedTo = null,
        public Point $at = new Point(0.0, 0.0),
        public bool $outlineGiven = true,
        public string $mask = '',
        public string $silk = '',
        public string $level = 'A',
    ) {}

    /** @param bool $given false when it was drawn around the placements */
    public function withOutline(Polygon $outline, bool $given = false): self
    {
        return new self(
            $this->name,
            $outline,
            $this->thickness,
            $this->plated,
            $this->reading,
            $this->squarePad,
            $this->joinedTo,
            $this->at,
            $given,
            $this->mask,
            $this->silk,
            $this->level,
        );
    }
}
