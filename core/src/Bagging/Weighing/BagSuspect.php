<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Bagging\BagItem;

/** What may be wrong in a bag, and how likely it is by what the scale showed. */
final readonly class BagSuspect
{
    /**
     * @param 'missing'|'extra'|'swapped' $what
     * @param ?BagItem $with its look-alike, where it is swapped
     * @param float $chance that it is this, 0..1
     */
    public function __construct(
        public string $what,
        public BagItem $item,
        public ?BagItem $with,
        public float $chance,
    ) {}
}
