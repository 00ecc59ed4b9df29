<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/** What the scale says of the bin that stands on it. */
final readonly class BinVerdict
{
    /**
     * @param ?float $grams last reading; null where nothing is heard
     * @param ?float $change grams since it stood still before; null where nothing counts
     * @param int $pieces nearest count of what was taken, or came back
     * @param int $kits whole kits that were taken, when the count is sure; else 0
     * @param float $until readings up to this moment are spoken for by the verdict
     */
    public function __construct(
        public BinState $state,
        public ?float $grams = null,
        public ?float $change = null,
        public int $pieces = 0,
        public int $kits = 0,
        public float $until = 0.0,
    ) {}
}
