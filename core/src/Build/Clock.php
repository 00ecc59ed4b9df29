<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Cure;

/** Hands-on time against the time from the first step to the last, in minutes. */
final readonly class Clock
{
    /** @param list<Wait> $waits */
    private function __construct(public float $handsOn, public float $elapsed, public array $waits) {}

    /**
     * @param list<array{tasks: list<string>, minutes: float}> $steps ids of their tasks, in order
     * @param array<string, Cure> $cures by task
     */
    public static function of(array $steps, array $cures, Precedence $precedence): self
    {
        $now = $handsOn = $end = 0.0;
        $ready = $started = $waits = [];
        foreach ($steps as $index => $step) {
            foreach ($step['tasks'] as $task) {
                foreach (array_intersect_key($ready, $precedence->predecessors($task)) as $cure => $time) {
                    $idle = max(0.0, $time - $now);
                    $waits[$cure] ??= new Wait(
                        $started[$cure][0],
                        $cures[$cure]->name,
                        $cures[$cure]->hours,
                        $index + 1,
                        round($now - $started[$cure][1], 1),
                        round($idle, 1),
                    );
                    $now += $idle;
                    unset($ready[$cure]);
                }
            }
            $now += $step['minutes'];
            $handsOn += $step['minutes'];
            foreach (array_intersect_key($cures, array_flip($step['tasks'])) as $task => $cure) {
                $ready[$task] = $now + 60 * $cure->hours;
                $started[$task] = [$index + 1, $now];
                $end = max($end, $ready[$task]);
            }
        }
        foreach ($ready as $cure => $time) {
            $waits[$cure] ??= new Wait(
                $started[$cure][0],
                $cures[$cure]->name,
                $cures[$cure]->hours,
                null,
                round($now - $started[$cure][1], 1),
                round(max(0.0, $time - $now), 1),
            );
        }

        return new self(round($handsOn, 1), round(max($now, $end), 1), array_values($waits));
    }
}
