<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Quantity\EngineeringValue;

/** One legal reading of a printed code. */
final readonly class CodeDecoding
{
    /**
     * @param ?string $tolerance percent without sign, `0.25pF` where absolute, `-20/+80` where lopsided
     * @param ?string $voltage rated volts, where a capacitor prints them
     * @param ?string $dielectric class of a ceramic capacitor, `X7R`
     */
    public function __construct(
        public EngineeringValue $value,
        public Scheme $scheme,
        public ?string $tolerance = null,
        public ?string $voltage = null,
        public ?string $dielectric = null,
    ) {}

    public function with(CapacitorPrint $print): self
    {
        return new self($this->value, $this->scheme, $this->tolerance, $print->voltage, $print->dielectric);
    }
}
