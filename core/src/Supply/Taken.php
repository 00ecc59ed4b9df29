<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Brick\Math\BigDecimal;

/** A quantity taken from one lot. */
final readonly class Taken
{
    /**
     * @param BigDecimal $quantity pieces, or millimetres
     * @param BigDecimal $cost of it, not rounded
     */
    public function __construct(public int $lot, public BigDecimal $quantity, public BigDecimal $cost) {}
}
