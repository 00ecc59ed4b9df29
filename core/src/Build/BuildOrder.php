<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Build\Internal\Costs;
use Chiralex\Kit\School;

/** The order in which a kit is built. */
final readonly class BuildOrder
{
    /**
     * @param list<Step> $steps
     * @param list<Rule> $broken rules that the maker's overrides break
     * @param list<string> $unplaced parts ordered by kind and height alone
     * @param list<Rule> $rules every rule in force
     */
    public function __construct(
        public School $school,
        public array $steps,
        public Score $score,
        public array $broken,
        public array $unplaced,
        public array $rules,
        public GivenUp $givenUp = new GivenUp(),
        public ?Clock $clock = null,
    ) {}

    /** @return array<string, int> part to the index of the step that solders, inserts or fits it */
    public function stepOf(): array
    {
        $steps = [];
        foreach ($this->steps as $index => $step) {
            foreach ($step->fits() as $name) {
                $steps[$name] = $index;
            }
        }

        return $steps;
    }

    /** @return array<string, true> the designators fitted before the step of this number */
    public function fittedBefore(int $number): array
    {
        $fitted = [];
        foreach ($this->steps as $step) {
            $fitted += $step->number < $number ? array_fill_keys($step->fits(), true) : [];
        }

        return $fitted;
    }

    /** @return array<string, true> the designators fitted after the step of this number */
    public function fittedAfter(int $number): array
    {
        $later = [];
        foreach ($this->steps as $step) {
            $later += $step->number > $number ? array_fill_keys($step->fits(), true) : [];
        }

        return $later;
    }

    /** @return array<int, true> numbers of steps lower than one before them on the same side, by more than counts as an inversion */
    public function stairBreaks(): array
    {
        $tallest = $breaks = [];
        foreach ($this->steps as $step) {
            $height = $step->height();
            if ($height === null) {
                continue;
            }
            $place = $step->face?->board . ' ' . $step->face?->side?->value;
            if (isset($tallest[$place]) && $tallest[$place] > $height + Costs::INVERSION) {
                $breaks[$step->number] = true;
            }
            $tallest[$place] = max($tallest[$place] ?? 0.0, $height);
        }

        return $breaks;
    }
}
