<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Some pieces on the scale together: a row of masses.csv. */
final readonly class Weighing
{
    /**
     * @param string $part designator, `~row`, value of a line, or `bag:A` for whole counted bags
     * @param int $pieces 1 or more
     * @param float $grams above 0
     */
    public function __construct(public string $part, public int $pieces, public float $grams) {}

    /** @return ?string the name of the bag, where whole bags were weighed */
    public function bag(): ?string
    {
        return str_starts_with(strtolower($this->part), 'bag:') ? trim(substr($this->part, 4)) : null;
    }
}
