<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Point;

/** Letters that stand in a line, in the order in which a reader who is turned by so many degrees sees them. */
final readonly class Word
{
    /**
     * @param list<int> $letters numbers of their forms
     * @param Point $centre on the board
     * @param float $length from its first letter to its last, millimetres
     */
    public function __construct(
        public array $letters,
        public Point $centre,
        public float $length,
        public float $degrees,
    ) {}

    /** True where it may be read this way without turning the head over. */
    public function isUpright(): bool
    {
        return $this->degrees < 180.0;
    }
}
