<?php

declare(strict_types=1);

namespace Chiralex\Fault\Claim;

/** A customer says that pieces of one line are missing, and what the books have of that line in that kit. */
final readonly class MissingClaim
{
    /**
     * @param int $claimed pieces that are said to be missing, 1 or more
     * @param int $listed pieces of the line in one kit
     * @param bool $isShipped whether the kit has left the shop
     * @param Take $take how the line was packed
     * @param ?float $windowFinds chance that the bag's own weighing would have shown it; null where it was not weighed
     * @param bool $isLotShort other kits packed from the same lot had this line missing, proved
     * @param bool $hasLookAlike a look-alike lies in the same kit and may have been counted for it
     * @param ClaimsBefore $before of the same customer, for other lines and kits
     */
    public function __construct(
        public int $claimed,
        public int $listed,
        public bool $isShipped,
        public Take $take,
        public ?float $windowFinds = null,
        public bool $isLotShort = false,
        public bool $hasLookAlike = false,
        public ClaimsBefore $before = new ClaimsBefore(),
    ) {}
}
