<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Bagging\BagItem;

/** What a bag's window proves of one of its lines: chances that the scale says no. */
final readonly class LineProof
{
    /**
     * @param float $missing of a bag with one piece of it too few
     * @param float $extra of a bag with one too many
     * @param ?array{with: BagItem, probability: float, mass: LineMass} $hidden one missing and one more of the line that hides it best
     * @param ?array{with: BagItem, probability: float, mass: LineMass} $swapped one replaced by its nearest look-alike
     * @param LineMass $mass of its pieces
     */
    public function __construct(
        public BagItem $item,
        public float $missing,
        public float $extra,
        public ?array $hidden,
        public ?array $swapped,
        public bool $isProved,
        public LineMass $mass,
    ) {}
}
