<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** Finds the step of each FAQ entry in one revision: entries are tied to parts, never to step numbers. */
final readonly class FaqPlaces
{
    /**
     * @param list<FaqEntry> $entries
     * @param list<array{number: int, names: list<string>}> $steps designators of each step; of a gate its name
     * @return list<array{entry: FaqEntry, step: ?int}> those first that save most reports
     */
    public function placed(array $entries, array $steps): array
    {
        $placed = array_map(
            fn(FaqEntry $entry): array => ['entry' => $entry, 'step' => $this->step($entry, $steps)],
            $entries,
        );
        usort(
            $placed,
            static fn(array $a, array $b): int => $b['entry']->use->saves() <=> $a['entry']->use->saves() ?:
            $a['entry']->id <=> $b['entry']->id,
        );

        return $placed;
    }

    /** @param list<array{number: int, names: list<string>}> $steps */
    private function step(FaqEntry $entry, array $steps): ?int
    {
        $best = null;
        $most = 0;
        foreach ($steps as $step) {
            $shared = count(array_intersect($entry->anchor, $step['names']));
            if ($shared > $most) {
                [$best, $most] = [$step['number'], $shared];
            }
        }

        return $best;
    }
}
