<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Quantity\EngineeringValue;

/** One legal way to read a row of bands. */
final readonly class BandDecoding
{
    /** @param string $tolerance percent without sign */
    public function __construct(
        public EngineeringValue $value,
        public string $tolerance,
        public bool $reverse,
        public ?int $temperatureCoefficient = null,
    ) {}
}
