<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker says the kit runs from. */
final readonly class PowerSupply
{
    /**
     * @param ?float $amps at most
     * @param ?float $idle amperes when it is on and does nothing
     */
    public function __construct(
        public float $leastVolts,
        public float $mostVolts,
        public ?float $amps,
        public bool $alternating = false,
        public ?float $idle = null,
    ) {}

    /** The most a capacitor behind a rectifier sees, volts. */
    public function peak(): float
    {
        return $this->alternating ? $this->mostVolts * M_SQRT2 : $this->mostVolts;
    }
}
