<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Brick\Math\BigDecimal;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Sorting;

/** Which part of a kit goes into which bag. */
final readonly class BagPlan
{
    /**
     * @param list<Bag> $bags
     * @param list<BagConflict> $conflicts
     * @param list<Cut> $cuts
     * @param list<KitPart> $brought parts the builder brings
     * @param BigDecimal $cost of one kit's bags and strips
     */
    public function __construct(
        public Sorting $school,
        public array $bags,
        public array $conflicts,
        public array $cuts,
        public array $brought,
        public BigDecimal $cost,
    ) {}

    /** @return array<string, string> designator to the name of its bag */
    public function bagOf(): array
    {
        $bags = [];
        foreach ($this->bags as $bag) {
            foreach ($bag->designators() as $designator) {
                $bags[$designator] = $bag->name;
            }
        }

        return $bags;
    }
}
