<?php

declare(strict_types=1);

namespace Chiralex\Supply\Cost;

use Brick\Math\BigDecimal;

/** Kits that are made in one go, and what they cost together. */
final readonly class Batch
{
    /**
     * @param int $kits one or more
     * @param BigDecimal $parts of the whole batch with their shipping
     * @param BigDecimal $spares of the whole batch
     * @param BigDecimal $bags of one kit, with the work of filling them
     * @param BigDecimal $setUp boards and tools of the whole batch, whatever its size
     * @param BigDecimal $setUpMinutes work of the whole batch, whatever its size
     * @param BigDecimal $kitMinutes work on one kit beside its bags
     */
    public function __construct(
        public int $kits,
        public BigDecimal $parts,
        public BigDecimal $spares,
        public BigDecimal $bags,
        public BigDecimal $setUp,
        public BigDecimal $setUpMinutes,
        public BigDecimal $kitMinutes,
    ) {}
}
