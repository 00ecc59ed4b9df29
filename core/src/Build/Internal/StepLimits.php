<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\School;

/** What one step may hold: one board and side, at most a group, and what the school asks. */
final readonly class StepLimits
{
    public function __construct(
        private Items $items,
        private Costs $costs,
        private School $school,
        public int $group,
    ) {}

    /** @param list<int> $step */
    public function allows(array $step): bool
    {
        if ($step === [] || count($step) > $this->group) {
            return false;
        }
        $places = $kinds = $blocks = $heights = [];
        foreach ($step as $item) {
            $places[$this->items->places[$item]] = true;
            $kinds[$this->items->kinds[$item]] = true;
            $blocks[$this->items->blocks->of[$item]] = true;
            $heights[] = $this->items->heights[$item];
        }

        return count($places) === 1 &&
            match ($this->school) {
                School::LowestFirst => $this->costs->spreadFits(min($heights), max($heights)),
                School::KindByKind => count($kinds) === 1,
                School::BlockByBlock => count($blocks) === 1,
            };
    }
}
