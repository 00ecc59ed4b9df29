<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Bench\Proposals;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Tests whose formula cannot be worked out, whose range turns good kits away, or whose adjuster does not get there. */
final readonly class BenchMatters implements MatterSource
{
    /** From here on an adjuster is taken to reach; the draws tell no finer. */
    private const SURE = 0.995;

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ((new BenchBook())->of($subject->kit) as $checked) {
            array_push($matters, ...$this->matter($checked));
        }

        foreach (Proposals::of($subject->kit) as $test) {
            $matters[] = new Matter(
                MatterSeverity::Note,
                Station::Bench,
                $test->gate === null ? 'bench.no-short-kit' : 'bench.no-short',
                ['gate' => (string) $test->gate, 'expect' => $test->expect, 'points' => $test->points],
                $test->points,
            );
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function matter(Checked $checked): array
    {
        $test = $checked->test;
        $reading = $checked->reading;
        if ($checked->fault !== '') {
            return [
                new Matter(
                    MatterSeverity::Block,
                    Station::Bench,
                    'bench.formula',
                    ['test' => $test->name, 'fault' => $checked->fault],
                    $test->points,
                ),
            ];
        }
        $matters = [];
        if ($reading?->adjuster->share !== null && $reading->adjuster->share < self::SURE) {
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Bench,
                'bench.reach',
                [
                    'test' => $test->name,
                    'adjuster' => (string) $test->adjusts,
                    'short' => (int) round(1000 * (1 - $reading->adjuster->share)),
                ],
                [(string) $test->adjusts],
            );
        }
        $doubts = [
            'bench.units' => $checked->expectation?->mixesUnits() === true,
            'bench.about-nothing' => $checked->expectation?->isAboutNothing() === true,
        ];
        // Volts are not turned away by ohms: where the units differ, that is said alone.
        $doubts['bench.turned-away'] = !$doubts['bench.units'] && $checked->turnedAway();
        foreach (array_keys(array_filter($doubts, static fn(bool $holds): bool => $holds)) as $code) {
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Bench,
                $code,
                ['test' => $test->name, 'expect' => $test->expect],
                $code === 'bench.turned-away'
                    ? array_map(strval(...), array_keys($reading->parts ?? []))
                    : $test->points,
            );
        }
        if ($checked->range() !== null && $test->points !== [] && $test->otherwise === '') {
            $matters[] = new Matter(
                MatterSeverity::Note,
                Station::Bench,
                'bench.otherwise',
                ['test' => $test->name],
                $test->points,
            );
        }

        if ($checked->range() !== null && $test->gate !== $test->name && count($test->points) < 2) {
            $matters[] = new Matter(
                MatterSeverity::Note,
                Station::Bench,
                'bench.points',
                ['test' => $test->name],
                $test->points,
            );
        }

        return $matters;
    }
}
