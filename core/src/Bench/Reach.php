<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** What an adjuster can do. */
final readonly class Reach
{
    /**
     * @param ?Interval $interval what it reaches at its ends, the others at their nominal values
     * @param ?float $share share of kits, 0 to 1, whose adjuster reaches the middle of the wanted range
     */
    public function __construct(public ?Interval $interval = null, public ?float $share = null) {}
}
