<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker says the kit runs from. */
final readonly class PowerSupply
{
    public function __construct(
        public float $leastVolts,
        public float $mostVolts,
        public ?float $amps,
    ) {}
}
