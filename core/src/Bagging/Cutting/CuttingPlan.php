<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Cutting;

use Chiralex\Kit\Winding;
use Chiralex\Reason\Reason;

/** What is cut and wound for a run of kits. */
final readonly class CuttingPlan
{
    /**
     * @param list<StockCuts> $stocks those something is cut from
     * @param list<Winding> $windings
     * @param list<Reason> $faults what cannot be cut as it is said
     * @param list<string> $unlisted strips and wires that no stock is named for
     */
    public function __construct(
        public int $kits,
        public array $stocks,
        public array $windings,
        public array $faults,
        public array $unlisted,
    ) {}
}
