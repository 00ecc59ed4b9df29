<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/** Where a take lies between one piece too few and one too many. Grams. */
final readonly class Needle
{
    /**
     * @param int $kits that it is nearest to
     * @param float $less what one piece fewer weighs
     * @param float $low from here on the count is sure
     * @param float $high up to here
     * @param float $more what one piece more weighs
     */
    public function __construct(
        public int $kits,
        public float $less,
        public float $low,
        public float $high,
        public float $more,
    ) {}
}
