<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Build\LastTests;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Test;
use Chiralex\Manual\DrillPlan;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** What would not be printed though the maker wrote it. */
final readonly class ManualMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        // With no last test there is no step for them.
        $lost = LastTests::has($subject->kit)
            ? []
            : array_values(
                array_filter(
                    $subject->kit->work->tests,
                    static fn(Test $test): bool => $test->gate === null && $test->adjusts === null,
                ),
            );

        return [
            ...array_map(
                static fn(Test $test): Matter => new Matter(
                    MatterSeverity::Warn,
                    Station::Manual,
                    'manual.test-nowhere',
                    ['test' => $test->name],
                    $test->points,
                ),
                $lost,
            ),
            ...$this->holes($subject->kit),
        ];
    }

    /** @return list<Matter> holes without a size, outside their face, or into each other */
    private function holes(Kit $kit): array
    {
        $matters = [];
        foreach (DrillPlan::of($kit) as $face) {
            foreach ($face->holes as $index => $hole) {
                $radius = ($hole->diameter ?? 0.0) / 2;
                $args = [
                    'hole' => $hole->for,
                    'by' => trim("{$face->by} {$face->face}"),
                    'x' => round($hole->x, 2),
                    'y' => round($hole->y, 2),
                ];
                if ($hole->diameter === null || $hole->diameter <= 0.0) {
                    $matters[] = new Matter(MatterSeverity::Warn, Station::Manual, 'manual.hole-size', $args, [
                        $hole->for,
                    ]);
                }
                if (abs($hole->x) + $radius > $face->width / 2 || abs($hole->y) + $radius > $face->height / 2) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Manual,
                        'manual.hole-outside',
                        $args + ['width' => $face->width, 'height' => $face->height],
                        [$hole->for],
                    );
                }
                foreach (array_slice($face->holes, $index + 1) as $other) {
                    if (hypot($hole->x - $other->x, $hole->y - $other->y) < $radius + ($other->diameter ?? 0.0) / 2) {
                        $matters[] = new Matter(
                            MatterSeverity::Warn,
                            Station::Manual,
                            'manual.holes-meet',
                            $args + ['other' => $other->for],
                            [$hole->for, $other->for],
                        );
                    }
                }
            }
        }

        return $matters;
    }
}
