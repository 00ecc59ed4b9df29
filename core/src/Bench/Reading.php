<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** What a meter should show, computed from the parts of a kit. */
final readonly class Reading
{
    /**
     * @param float $metered nominal, with a meter of 10 megohm at its dividers
     * @param Interval $pass the range to print: the maker's, or the worst case with the meter's load and error, rounded outward to its digits
     * @param array<string, Toleranced> $parts by designator
     */
    public function __construct(
        public Expectation $expectation,
        public float $nominal,
        public float $metered,
        public ReadingSpread $spread,
        public Interval $pass,
        public string $unit,
        public array $parts,
        public Reach $adjuster = new Reach(),
    ) {}
}
