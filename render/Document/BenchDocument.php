<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Bench\Functions;
use Chiralex\Bench\Interval;
use Chiralex\Bench\Reading;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Test;
use Chiralex\Manual\TestSteps;
use Chiralex\Part\Kind;
use ChiralexRender\Words;

/**
 * The document of `bench`: the tests in the order they happen, with what each expects and how that came about.
 *
 * @phpstan-type Ends array{low: ?float, high: ?float}
 * @phpstan-type Worked array{nominal: float, worst: Ends, usual: Ends, reach: ?Ends, text: string, why: list<string>}
 * @phpstan-type Row array{name: string, step: ?int, gate: ?string, power: string, instrument: string, accuracy: string, points: list<string>, settings: string, expect: string, adjusts: ?string, otherwise: string, fault: string, printed: string, range: ?Ends, unit: string, reading: ?Worked}
 */
final readonly class BenchDocument
{
    /** A load of the meter less than this share is not worth a word. */
    private const SEEN = 0.001;

    public function __construct(private Words $words) {}

    /** @return array{tests: list<Row>, functions: list<array{name: string, arguments: string, unit: string}>, gates: list<string>, adjusters: list<string>} */
    public function of(Kit $kit, ?BuildOrder $order): array
    {
        $steps = $order === null ? [] : TestSteps::numbers($kit, $order);
        $rows = array_map(fn(Checked $checked): array => $this->row($checked, $steps), (new BenchBook())->of($kit));
        usort($rows, static fn(array $a, array $b): int => ($a['step'] ?? PHP_INT_MAX) <=> ($b['step'] ?? PHP_INT_MAX));
        $functions = [];
        foreach (Functions::SIGNATURES as $name => [$arguments, $unit]) {
            $functions[] = ['name' => $name, 'arguments' => $arguments, 'unit' => $unit];
        }

        $adjusters = array_filter($kit->parts, static fn(KitPart $part): bool => in_array($part->kind(), [Kind::Trimmer, Kind::Potentiometer], true));

        return [
            'tests' => $rows,
            'functions' => $functions,
            'gates' => array_map(static fn(Gate $gate): string => $gate->name, $kit->gates),
            'adjusters' => array_values(array_map(static fn(KitPart $part): string => $part->designator, $adjusters)),
        ];
    }

    /**
     * One test with what it expects worked out.
     *
     * @param array<string, int> $steps
     * @return Row
     */
    public function row(Checked $checked, array $steps = []): array
    {
        $test = $checked->test;
        $range = $checked->range();

        return [
            'name' => $test->name,
            'step' => $steps[$test->name] ?? null,
            'gate' => $test->gate,
            'power' => $test->power,
            'instrument' => $test->instrument,
            'accuracy' => $test->accuracy,
            'points' => $test->points,
            'settings' => $test->settings,
            'expect' => $test->expect,
            'adjusts' => $test->adjusts,
            'otherwise' => $test->otherwise,
            'fault' => $checked->fault,
            'printed' => self::printed($checked),
            'range' => $range === null ? null : self::ends($range),
            'unit' => $checked->unit(),
            'reading' => $checked->reading === null ? null : $this->worked($checked->reading, $test),
        ];
    }

    /** What the builder reads: the range, or the words of the maker. */
    public static function printed(Checked $checked, ?Words $words = null): string
    {
        $range = $checked->range();
        $typed = $checked->reading === null || $checked->expectation?->range !== null;

        return match (true) {
            $range === null => $checked->test->expect,
            $typed => trim(explode('=', $checked->test->expect, 2)[0]),
            default => ReadingText::range($range, $checked->unit(), $words),
        };
    }

    /** @return Worked */
    private function worked(Reading $reading, Test $test): array
    {
        return [
            'nominal' => $reading->nominal,
            'worst' => self::ends($reading->worst),
            'usual' => self::ends($reading->usual),
            'reach' => $reading->reach === null ? null : self::ends($reading->reach),
            'text' => ReadingText::value($reading->nominal, $reading->unit),
            'why' => $this->why($reading, $test),
        ];
    }

    /** @return list<string> */
    private function why(Reading $reading, Test $test): array
    {
        $unit = $reading->unit;
        $why = [];
        foreach ($reading->parts as $name => $part) {
            $why[] = $this->words->sentence('bench.part', ['name' => (string) $name, 'nominal' => ReadingText::value($part->nominal, $part->unit), 'range' => ReadingText::range($part->range, $part->unit), 'origin' => $part->origin->value]);
        }
        if ($reading->reach !== null) {
            $why[] = $this->words->sentence('bench.reaches', ['adjuster' => (string) $test->adjusts, 'reach' => ReadingText::range($reading->reach, $unit), 'share' => (string) round(1000 * ($reading->reaches ?? 1.0))]);
        } else {
            $why[] = $this->words->sentence($reading->atCorners ? 'bench.corner' : 'bench.bound', ['worst' => ReadingText::range($reading->worst, $unit)]);
            $why[] = $this->words->sentence('bench.usual', ['usual' => ReadingText::range($reading->usual, $unit)]);
        }
        if (abs($reading->metered - $reading->nominal) > self::SEEN * abs($reading->nominal)) {
            $why[] = $this->words->sentence('bench.load', ['metered' => ReadingText::value($reading->metered, $unit), 'nominal' => ReadingText::value($reading->nominal, $unit)]);
        }
        $why[] = $reading->expectation->range === null
            ? $this->words->sentence('bench.meter', ['accuracy' => $test->accuracy === '' ? '1 %' : $test->accuracy, 'pass' => ReadingText::range($reading->pass, $unit)])
            : $this->words->sentence('bench.own-range', ['pass' => ReadingText::range($reading->pass, $unit)]);

        return $why;
    }

    /** @return Ends */
    private static function ends(Interval $interval): array
    {
        return ['low' => is_finite($interval->low) ? $interval->low : null, 'high' => is_finite($interval->high) ? $interval->high : null];
    }
}
