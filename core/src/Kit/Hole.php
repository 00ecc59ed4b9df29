<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A hole to drill in a face of a case or panel. */
final readonly class Hole
{
    /**
     * @param string $for the part that goes through it, or what it is for
     * @param float $x millimetres to the right of the face's centre, seen from outside
     * @param float $y millimetres above it
     * @param ?float $diameter millimetres; null where nobody has said it and the kind of part has no usual one
     * @param list<string> $stack hardware from the outside inwards, where the maker says it
     */
    public function __construct(
        public string $for,
        public float $x,
        public float $y,
        public ?float $diameter,
        public array $stack = [],
    ) {}
}
