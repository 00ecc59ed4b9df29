<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Kit\Test;

/** A test of a kit with what it expects worked out, or with what is wrong with its text. */
final readonly class Checked
{
    /**
     * @param ?Reading $reading where a formula is given
     * @param ?Expectation $expectation null where the text cannot be read
     * @param string $fault what is wrong with the text, empty where nothing is
     */
    public function __construct(
        public Test $test,
        public ?Reading $reading,
        public ?Expectation $expectation,
        public string $fault = '',
    ) {}

    /** What a good kit shows, in the plain unit; null where the maker expects something that is no number. */
    public function range(): ?Interval
    {
        return $this->reading->pass ?? $this->expectation?->range;
    }

    /** So few ohms that the leads of the meter count; 100 is common practice, no source. */
    public function isLowOhms(): bool
    {
        $range = $this->range();

        return $this->unit() === 'ohm' && $range !== null && is_finite($range->high) && $range->high < 100.0;
    }

    public function unit(): string
    {
        return $this->reading->unit ?? ($this->expectation->unit ?? '');
    }

    /** Whether the maker's range leaves out part of the central 95 % of kits whose parts are all within their tolerance. */
    public function turnedAway(): bool
    {
        return $this->reading !== null &&
            $this->reading->adjuster->interval === null &&
            !$this->reading->pass->holds($this->reading->spread->usual);
    }
}
