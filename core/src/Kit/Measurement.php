<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** One piece of a lot as it was measured: a row of measurements.csv. */
final readonly class Measurement
{
    /**
     * @param string $part designator or value it is bought by
     * @param string $piece number or name written on its strip
     * @param string $quantity what was measured: `forward voltage`, `gain`
     * @param float $value in the plain unit
     */
    public function __construct(
        public string $part,
        public string $lot,
        public string $piece,
        public string $quantity,
        public float $value,
    ) {}
}
