<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Quantity\EngineeringValue;

/** One legal reading of a printed code. */
final readonly class CodeReading
{
    /** @param ?string $tolerance percent without sign, `0.25pF` where absolute, `-20/+80` where lopsided */
    public function __construct(
        public EngineeringValue $value,
        public Scheme $scheme,
        public ?string $tolerance = null,
    ) {}
}
