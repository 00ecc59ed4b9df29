<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** What a meter should show, computed from the parts of a kit. */
final readonly class Reading
{
    /**
     * @param float $metered nominal, with a meter of 10 megohm at its dividers
     * @param Interval $worst the least and the most with every part at an end of its tolerance
     * @param Interval $usual the central 95 %
     * @param bool $atCorners true where the worst case is exact; false where it is a bound within 1e-4
     * @param Interval $pass the range to print: the maker's, or the worst case with the meter's load and error, rounded outward to its digits
     * @param array<string, Toleranced> $parts by designator
     * @param ?Interval $reach what the adjuster reaches at its ends, the others at their nominal values
     * @param bool $cutShort true where the search for the worst case was stopped: no kit is further out, but the bound may be wide
     * @param ?float $reaches share of kits, 0 to 1, whose adjuster reaches the middle of the wanted range
     */
    public function __construct(
        public Expectation $expectation,
        public float $nominal,
        public float $metered,
        public Interval $worst,
        public Interval $usual,
        public bool $atCorners,
        public Interval $pass,
        public string $unit,
        public array $parts,
        public ?Interval $reach = null,
        public ?float $reaches = null,
        public bool $cutShort = false,
    ) {}
}
