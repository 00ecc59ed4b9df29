<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\School;

/** Chooses the soldering steps: exactly on small boards, else the best of a few constructions, polished where that does not take long. */
final readonly class Sequencer
{
    /** Above this many parts one construction has to do. */
    private const LARGE = 120;

    /** @param array<string, string> $endSides board to the side its ICs go in on */
    public function __construct(
        private Items $items,
        private Costs $costs,
        private School $school,
        private int $group,
        private array $endSides = [],
    ) {}

    /** @return list<list<int>> */
    public function steps(): array
    {
        $limits = new StepLimits($this->items, $this->costs, $this->school, $this->group);
        if (ExactOrder::reaches($this->items, $this->costs)) {
            return (new ExactOrder($this->items, $this->costs, $limits, $this->school, $this->endSides))->steps();
        }
        $scorer = new Scorer($this->items, $this->costs);
        $best = [];
        $bestScore = null;
        foreach ($this->variants() as [$places, $fill, $urgency]) {
            $steps = (new ConstructedOrder(
                $this->items,
                $this->costs,
                $limits,
                $this->school,
                $places,
                $fill,
                $urgency,
            ))->steps();
            $score = $scorer->score($steps, hanging: 0);
            if ($bestScore === null || $score->isBetterThan($bestScore, $this->school)) {
                [$best, $bestScore] = [$steps, $score];
            }
        }

        $best = $this->withoutHanging($best);

        return $this->items->count() <= Polished::MOST
            ? (new Polished($this->items, $this->costs, $limits, $this->school, $this->endSides))->steps($best)
            : $best;
    }

    /** @return list<array{list<string>, bool, list<float>}> */
    private function variants(): array
    {
        $own = $this->items->heights;
        $places = $this->placesLowestFirst();
        if ($this->items->count() > self::LARGE) {
            return [[$places, true, $own]];
        }
        $variants = [[$places, true, $own], [$places, false, $own]];
        if (array_filter($this->items->before) !== []) {
            $variants[] = [$places, true, $this->pulled()];
        }
        if (count($places) > 1) {
            $variants[] = [array_reverse($places), true, $own];
        }

        return $variants;
    }

    /** @return list<string> the side whose parts are lower comes first */
    private function placesLowestFirst(): array
    {
        $tallest = [];
        foreach ($this->items->places as $item => $place) {
            $tallest[$place] = max($tallest[$place] ?? 0.0, $this->items->heights[$item]);
        }
        ksort($tallest);
        asort($tallest);

        return array_map(strval(...), array_keys($tallest));
    }

    /** @return list<float> heights, where a part that a lower one waits for counts as that low */
    private function pulled(): array
    {
        $urgency = $this->items->heights;
        foreach ($this->items->before as $item => $befores) {
            foreach (array_keys($befores) as $before) {
                $urgency[$before] = min($urgency[$before], $this->items->heights[$item]);
            }
        }

        return array_values($urgency);
    }

    /**
     * A lower stiff part hangs beside a taller one of its own step; alone before it, the table holds it.
     *
     * @param list<list<int>> $steps
     * @return list<list<int>>
     */
    private function withoutHanging(array $steps): array
    {
        if ($this->items->count() > self::LARGE) {
            return $steps;
        }
        $result = $done = [];
        foreach ($steps as $step) {
            $parts = $this->split($step, $done);
            array_push($result, ...$parts);
            array_push($done, ...$step);
        }

        return $result;
    }

    /**
     * @param list<int> $step
     * @param list<int> $done
     * @return list<list<int>>
     */
    private function split(array $step, array $done): array
    {
        $heights = array_unique(array_map(fn(int $item): string => (string) $this->items->heights[$item], $step));
        if (count($heights) < 2) {
            return [$step];
        }
        $whole = $this->costs->hanging($step, $done);
        if ($whole === 0) {
            return [$step];
        }
        $byHeight = [];
        foreach ($step as $item) {
            $byHeight[(string) $this->items->heights[$item]][] = $item;
        }
        ksort($byHeight, SORT_NUMERIC);
        $hanging = 0;
        $before = $done;
        foreach ($byHeight as $group) {
            $hanging += $this->costs->hanging($group, $before);
            $before = [...$before, ...$group];
        }

        return $hanging < $whole ? array_values($byHeight) : [$step];
    }
}
