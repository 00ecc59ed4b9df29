<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** How many pieces of a lot are measured, and how many of them may be bad. */
final readonly class SamplingPlan
{
    public function __construct(public int $sample, public int $accept) {}

    /** Bad pieces from which on the lot is sent back. */
    public function reject(): int
    {
        return $this->accept + 1;
    }
}
