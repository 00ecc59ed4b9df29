<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** One board: its outline and what is true of it. */
final readonly class BoardShape
{
    /**
     * @param int $turn quarter turns clockwise in degrees (0, 90, 180, 270) that bring the board into the maker's view
     * @param array<string, string> $squarePad kind to what its square pad means
     * @param bool $outlineGiven false when the outline was drawn around the placements
     * @param string $level zero orientation from which its placement file counts: A or B of IEC 61188-7
     */
    public function __construct(
        public string $name,
        public Polygon $outline,
        public BoardStuff $stuff = new BoardStuff(),
        public int $turn = 0,
        public array $squarePad = [],
        public Joined $joined = new Joined(),
        public bool $outlineGiven = true,
        public string $level = 'A',
    ) {}

    /** @param bool $given false when it was drawn around the placements */
    public function withOutline(Polygon $outline, bool $given = false): self
    {
        return new self(
            $this->name,
            $outline,
            $this->stuff,
            $this->turn,
            $this->squarePad,
            $this->joined,
            $given,
            $this->level,
        );
    }
}
