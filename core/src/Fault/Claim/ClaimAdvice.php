<?php

declare(strict_types=1);

namespace Chiralex\Fault\Claim;

use Chiralex\Reason\Reason;

/** What to do about a claim, for the maker's eyes: a customer never sees the chance. */
final readonly class ClaimAdvice
{
    /**
     * @param float $chance that the pieces are truly missing
     * @param int $send pieces to send at once; 0 to ask first
     * @param list<string> $ask what is asked beside, or first: `look-alike`, `left-over`, `on-board`
     * @param list<string> $flags what cannot be: `not-shipped`, `above-list`, `again`
     * @param list<Reason> $reasons
     */
    public function __construct(
        public float $chance,
        public int $send,
        public array $ask,
        public array $flags,
        public array $reasons,
    ) {}
}
