<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** A check that could come next, and what it is worth. */
final readonly class Look
{
    /** @param float $gain expected fall of entropy over the sets, bits */
    public function __construct(public Check $check, public float $gain, public float $bad) {}

    public function perMinute(): float
    {
        return $this->gain / $this->check->minutes;
    }
}
