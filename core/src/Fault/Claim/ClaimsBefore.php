<?php

declare(strict_types=1);

namespace Chiralex\Fault\Claim;

/** What a customer has claimed before. */
final readonly class ClaimsBefore
{
    /** @param int $found of these claims, how many pieces turned up after all */
    public function __construct(public int $claims = 0, public int $found = 0) {}
}
