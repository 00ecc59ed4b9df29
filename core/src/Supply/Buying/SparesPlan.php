<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;

/** How many pieces to add to a kit so that it is complete as often as wanted. */
final readonly class SparesPlan
{
    /**
     * @param list<SpareLine> $lines
     * @param list<int> $spares of each line
     * @param float $probability that a kit is complete
     * @param BigDecimal $cost exact, before rounding
     */
    public function __construct(
        public array $lines,
        public array $spares,
        public float $probability,
        public BigDecimal $cost,
        public bool $isProved,
    ) {}
}
