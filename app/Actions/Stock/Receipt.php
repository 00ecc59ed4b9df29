<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use Brick\Math\BigDecimal;

/** A lot as it comes in. */
final readonly class Receipt
{
    /**
     * @param string $fingerprint of the part
     * @param string $lot its code, as the bag says
     * @param BigDecimal $quantity above 0: pieces, or millimetres
     * @param BigDecimal $unitCost of a piece or a millimetre, in the shop's currency
     * @param string $receivedOn day, `2026-11-03`
     */
    public function __construct(
        public string $fingerprint,
        public string $lot,
        public BigDecimal $quantity,
        public BigDecimal $unitCost,
        public string $receivedOn,
        public string $supplier = '',
    ) {}
}
