<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bagging\BagConflict;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildOrder;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Parts that the maker put where they must not be, and moves that name nothing. */
final readonly class BagMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;
        $plan = (new BagPlanner())->plan($kit, $subject->order instanceof BuildOrder ? $subject->order : null);
        $matters = array_map(
            static fn(BagConflict $conflict): Matter => new Matter(
                MatterSeverity::Warn,
                Station::Bags,
                $conflict->reason->code,
                $conflict->reason->args,
                [...$conflict->these, ...$conflict->those],
            ),
            $plan->conflicts,
        );
        foreach ($kit->choices->bags as $designator => $bag) {
            $part = $kit->part((string) $designator);
            if ($part === null || !$kit->holds($part)) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Bags,
                    'bags.moved-unknown',
                    ['designator' => (string) $designator, 'bag' => $bag],
                    [(string) $designator],
                );
            }
        }

        return $matters;
    }
}
