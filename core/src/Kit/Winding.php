<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A coil that is wound by hand; lengths in millimetres. */
final readonly class Winding
{
    /**
     * @param float $former diameter of what it is wound on
     * @param float $wire diameter of the wire
     * @param float $pitch from turn to turn
     * @param list<float> $tails what is left at either end
     */
    public function __construct(
        public string $part,
        public float $turns,
        public float $former,
        public float $wire,
        public float $pitch,
        public array $tails,
    ) {}

    /** Millimetres of wire: each turn is one round of a helix about the middle of the wire. */
    public function length(): float
    {
        return $this->turns * sqrt((M_PI * ($this->former + $this->wire)) ** 2 + $this->pitch ** 2) +
            array_sum($this->tails);
    }
}
