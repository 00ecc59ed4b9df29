<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\Side;

/** A photograph of a board at a step, squared: its edges are those of the outline as the builder sees that side. */
final readonly class StepPhoto
{
    /**
     * @param string $file name in the kit folder
     * @param list<string> $at parts of its step
     * @param float $width of the outline it was squared for, millimetres
     * @param string $bytes of the picture, empty where the file is gone
     * @param string $revision of the kit that it shows; empty where nobody said
     */
    public function __construct(
        public string $file,
        public array $at,
        public string $board,
        public Side $side,
        public float $width,
        public float $height,
        public string $bytes,
        public string $revision = '',
    ) {}

    /** Whether somebody has to look: it was taken of another revision and nobody said that it still shows the board. */
    public function isOfOtherThan(string $revision): bool
    {
        return $this->revision !== '' && $this->revision !== $revision;
    }
}
