<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\OrderOverride;

/** Applies the maker's own places to a sequence of steps; each is anchored to parts. */
final readonly class Overrides
{
    /**
     * @param list<list<string>> $steps names step by step
     * @param list<OrderOverride> $overrides
     * @return list<list<string>>
     */
    public function apply(array $steps, array $overrides): array
    {
        foreach ($overrides as $override) {
            $present = array_merge(...$steps, ...[[]]);
            $parts = array_values(array_intersect($override->parts, $present));
            $anchors = array_intersect($override->after, $present);
            if ($parts === [] || ($override->after !== [] && $anchors === [])) {
                continue;
            }
            $steps = array_map(static fn(array $step): array => array_values(array_diff($step, $parts)), $steps);
            $at = -1;
            foreach ($steps as $index => $step) {
                if (array_intersect($step, $anchors) !== []) {
                    $at = $index;
                }
            }
            if ($override->sameStep && $at >= 0) {
                $steps[$at] = [...$steps[$at], ...$parts];
            } else {
                array_splice($steps, $at + 1, 0, [$parts]);
            }
            $steps = array_values(array_filter($steps, static fn(array $step): bool => $step !== []));
        }

        return $steps;
    }
}
