<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** The order in which a kit is built. */
final readonly class BuildOrder
{
    /**
     * @param list<Step> $steps
     * @param list<Rule> $broken rules that the maker's overrides break
     * @param list<string> $unplaced parts ordered by kind and height alone
     * @param list<Rule> $rules every rule in force
     * @param list<DroppedRule> $dropped wishes of geometry that were given up
     */
    public function __construct(
        public School $school,
        public array $steps,
        public Score $score,
        public array $broken,
        public array $unplaced,
        public array $rules,
        public array $dropped = [],
        public ?Clock $clock = null,
    ) {}

    /** @return array<string, int> part to the index of the step that solders, inserts or fits it */
    public function stepOf(): array
    {
        $steps = [];
        foreach ($this->steps as $index => $step) {
            if (in_array($step->action, [Action::Solder, Action::Insert, Action::Place], true)) {
                foreach ($step->names() as $name) {
                    $steps[$name] = $index;
                }
            }
        }

        return $steps;
    }
}
