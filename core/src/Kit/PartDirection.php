<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Consequence;

/** Which way round a part goes, and what it costs otherwise. */
final readonly class PartDirection
{
    /**
     * @param ?PolarityFact $polarity only where the maker says so
     * @param ?Consequence $said what the maker says a reversal does; null where it follows from the circuit
     * @param list<string> $replace parts to replace together when it was reversed
     */
    public function __construct(
        public bool $polarised,
        public ?PolarityFact $polarity,
        public ?Consequence $said,
        public array $replace,
    ) {}
}
