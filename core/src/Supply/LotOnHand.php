<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Brick\Math\BigDecimal;

/** What is left of a lot. */
final readonly class LotOnHand
{
    /**
     * @param int $lot its number in the ledger
     * @param BigDecimal $quantity left: pieces, or millimetres
     * @param BigDecimal $unitCost of one piece or millimetre, all its decimals
     * @param string $received day, `2026-11-03`
     * @param bool $isHeld not to be packed
     * @param bool $isDoubted not to be packed before one piece was looked at
     */
    public function __construct(
        public int $lot,
        public BigDecimal $quantity,
        public BigDecimal $unitCost,
        public string $received,
        public bool $isHeld = false,
        public bool $isDoubted = false,
    ) {}
}
