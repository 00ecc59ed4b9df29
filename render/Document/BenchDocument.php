<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Bench\Functions;
use Chiralex\Bench\Interval;
use Chiralex\Bench\MeasuredReading;
use Chiralex\Bench\Proposals;
use Chiralex\Bench\Reading;
use Chiralex\Bench\Selection;
use Chiralex\Bench\Selections;
use Chiralex\Bench\Spread;
use Chiralex\Bench\Toleranced;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Measurement;
use Chiralex\Kit\Test;
use Chiralex\Kit\Trace;
use Chiralex\Manual\TestSteps;
use Chiralex\Part\Role;
use ChiralexRender\Svg\TraceSvg;
use ChiralexRender\Text\ReadingText;
use ChiralexRender\Words;

/**
 * The document of `bench`: the tests in the order they happen, with what each expects and how that came about.
 *
 * @phpstan-import-type ConnectorShape from ConnectorDocument as Connector
 * @phpstan-type Ends array{low: ?float, high: ?float}
 * @phpstan-type Worked array{nominal: float, worst: Ends, usual: Ends, reach: ?Ends, text: string, why: list<string>}
 * @phpstan-type Measured array{row: int, build: int, text: string, value: ?float, passes: ?bool}
 * @phpstan-type Proposal array{name: string, gate: string, power: string, instrument: string, points: list<string>, settings: string, expect: string, otherwise: string, why: string}
 * @phpstan-type Selected array{parts: list<string>, maxDifference: string, quantity: string, pieces: int, unit: string, kits: list<array{pieces: list<array{lot: string, piece: string, value: string}>, difference: string}>, left: list<string>, fault: string}
 * @phpstan-type Shape array{shape: string, low: float, high: float, duty: float}
 * @phpstan-type Row array{name: string, step: ?int, gate: ?string, power: string, instrument: string, accuracy: string, points: list<string>, settings: string, expect: string, adjusts: ?string, otherwise: string, trace: ?string, shape: ?Shape, fault: string, printed: string, range: ?Ends, unit: string, reading: ?Worked, pilot: list<Measured>}
 */
final readonly class BenchDocument
{
    /** A load of the meter less than this share is not worth a word. */
    private const SEEN = 0.001;

    public function __construct(private Words $words) {}

    /** @return array{tests: list<Row>, functions: list<array{name: string, arguments: string, unit: string}>, gates: list<string>, adjusters: list<string>, proposals: list<Proposal>, selections: list<Selected>, connectors: list<Connector>} */
    public function of(Kit $kit, ?BuildOrder $order): array
    {
        $steps = $order === null ? [] : TestSteps::numbers($kit, $order);
        $rows = array_map(
            fn(Checked $checked): array => $this->row($checked, $steps, $kit),
            (new BenchBook())->of($kit),
        );
        usort($rows, static fn(array $a, array $b): int => ($a['step'] ?? PHP_INT_MAX) <=> ($b['step'] ?? PHP_INT_MAX));
        $functions = [];
        foreach (Functions::SIGNATURES as $name => [$arguments, $unit]) {
            $functions[] = ['name' => $name, 'arguments' => $arguments, 'unit' => $unit];
        }

        $adjusters = array_filter($kit->parts, static fn(KitPart $part): bool => $part->row->is(Role::Adjusts));

        return [
            'tests' => $rows,
            'functions' => $functions,
            'gates' => array_map(static fn(Gate $gate): string => $gate->name, $kit->work->gates),
            'adjusters' => array_values(array_map(static fn(KitPart $part): string => $part->designator, $adjusters)),
            'proposals' => array_map(fn(Test $test): array => $this->proposal($test, $kit), Proposals::of($kit)),
            'selections' => array_map($this->selected(...), Selections::of($kit)),
            'connectors' => (new ConnectorDocument($this->words))->tables($kit),
        ];
    }

    /**
     * One test with what it expects worked out.
     *
     * @param array<string, int> $steps
     * @return Row
     */
    public function row(Checked $checked, array $steps = [], ?Kit $kit = null): array
    {
        $test = $checked->test;
        $range = $checked->range();

        return [
            'name' => $test->name,
            'step' => $steps[$test->name] ?? null,
            'gate' => $test->gate,
            'power' => $test->power,
            'instrument' => $test->meter->instrument,
            'accuracy' => $test->meter->accuracy,
            'points' => $test->points,
            'settings' => $test->meter->settings,
            'expect' => $test->expect,
            'adjusts' => $test->adjusts,
            'otherwise' => $test->otherwise,
            'trace' => self::trace($checked, $this->words),
            'shape' => self::shape($test->meter->trace),
            'fault' => $checked->fault,
            'printed' => self::printed($checked),
            'range' => $range === null ? null : self::ends($range),
            'unit' => $checked->unit(),
            'reading' => $checked->reading === null ? null : $this->worked($checked->reading, $checked, $test),
            'pilot' =>
                $kit === null
                    ? []
                    : array_map(
                        static fn(MeasuredReading $each): array => [
                            'row' => $each->row,
                            'build' => $each->build,
                            'text' => $each->text,
                            'value' => $each->value,
                            'passes' => $each->passes,
                        ],
                        MeasuredReading::of($kit, $checked),
                    ),
        ];
    }

    /** @return ?Shape */
    private static function shape(?Trace $trace): ?array
    {
        return $trace === null
            ? null
            : [
                'shape' => $trace->shape->value,
                'low' => $trace->low,
                'high' => $trace->high,
                'duty' => $trace->duty,
            ];
    }

    /** The screen of an oscilloscope, drawn; null where the maker says no trace. */
    public static function trace(Checked $checked, Words $words): ?string
    {
        $range = $checked->unit() === 'Hz' ? $checked->range() : null;
        $middle = $range === null || !is_finite($range->low + $range->high) ? null : ($range->low + $range->high) / 2;

        return $checked->test->meter->trace === null
            ? null
            : (new TraceSvg($words))->of($checked->test->meter->trace, $checked->reading->nominal ?? $middle);
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

    /** @return Proposal */
    private function proposal(Test $test, Kit $kit): array
    {
        return [
            'name' => $test->name,
            'gate' => (string) $test->gate,
            'power' => $test->power,
            'instrument' => $test->meter->instrument,
            'points' => $test->points,
            'settings' => $test->meter->settings,
            'expect' => $test->expect,
            'otherwise' => $test->otherwise,
            'why' => $this->words->sentence($test->gate === null ? 'bench.proposal-kit' : 'bench.proposal', [
                'gate' => (string) $test->gate,
                'ohms' => Proposals::least($kit),
                'volts' => $kit->nature->power->leastVolts ?? 0.0,
                'amps' => $kit->nature->power->amps ?? 0.0,
            ]),
        ];
    }

    /**
     * @param array{parts: list<string>, maxDifference: string, quantity: string, pieces: int, selection: ?Selection} $selected
     * @return Selected
     */
    private function selected(array $selected): array
    {
        $unit =
            preg_match('~(V|A|Hz|s|ohm|\x{03A9}|F|H|W)\s*$~u', $selected['maxDifference'], $found) === 1
                ? $found[1]
                : '';
        $text = static fn(float $value): string => ReadingText::value($value, $unit);
        $kits = array_map(
            static fn(array $kit): array => [
                'pieces' => array_map(
                    static fn(Measurement $piece): array => [
                        'lot' => $piece->lot,
                        'piece' => $piece->piece,
                        'value' => $text($piece->value),
                    ],
                    $kit,
                ),
                'difference' => $text($kit[count($kit) - 1]->value - $kit[0]->value),
            ],
            $selected['selection']->kits ?? [],
        );

        return [
            'parts' => $selected['parts'],
            'maxDifference' => $selected['maxDifference'],
            'quantity' => $selected['quantity'],
            'pieces' => $selected['pieces'],
            'unit' => $unit,
            'kits' => $kits,
            'left' => array_map(
                static fn(Measurement $piece): string => trim("{$piece->lot} {$piece->piece}"),
                $selected['selection']->left ?? [],
            ),
            'fault' =>
                Selections::difference($selected['maxDifference']) === null
                    ? $this->words->sentence('bench.difference', ['text' => $selected['maxDifference']])
                    : '',
        ];
    }

    /** @return Worked */
    private function worked(Reading $reading, Checked $checked, Test $test): array
    {
        return [
            'nominal' => $reading->nominal,
            'worst' => self::ends($reading->spread->worst),
            'usual' => self::ends($reading->spread->usual),
            'reach' => $reading->adjuster->interval === null ? null : self::ends($reading->adjuster->interval),
            'text' => ReadingText::value($reading->nominal, $reading->unit),
            'why' => [
                ...$this->why($reading, $test),
                ...$checked->isLowOhms() ? [$this->words->sentence('bench.leads')] : [],
            ],
        ];
    }

    /** @return list<string> */
    private function why(Reading $reading, Test $test): array
    {
        $unit = $reading->unit;
        $why = [];
        foreach ($reading->parts as $name => $part) {
            $why[] = $this->words->sentence('bench.part', [
                'name' => (string) $name,
                'nominal' => ReadingText::value($part->nominal, $part->unit),
                'range' => ReadingText::range($part->range, $part->unit),
                'origin' => $part->origin->value,
            ]);
        }
        if ($reading->adjuster->interval !== null) {
            $why[] = $this->words->sentence('bench.reaches', [
                'adjuster' => (string) $test->adjusts,
                'reach' => ReadingText::range($reading->adjuster->interval, $unit),
                'share' => (string) round(1000 * ($reading->adjuster->share ?? 1.0)),
            ]);
        } else {
            $why[] = $this->words->sentence($reading->spread->atCorners ? 'bench.corner' : 'bench.bound', [
                'worst' => ReadingText::range($reading->spread->worst, $unit),
            ]);
            $why[] = $this->words->sentence('bench.usual', [
                'usual' => ReadingText::range($reading->spread->usual, $unit),
                'spread' => $this->spread($reading),
            ]);
        }
        if ($reading->spread->cutShort) {
            $why[] = $this->words->sentence('bench.cut-short');
        }
        if (abs($reading->metered - $reading->nominal) > self::SEEN * abs($reading->nominal)) {
            $why[] = $this->words->sentence('bench.load', [
                'metered' => ReadingText::value($reading->metered, $unit),
                'nominal' => ReadingText::value($reading->nominal, $unit),
            ]);
        }
        $why[] =
            $reading->expectation->range === null
                ? $this->words->sentence('bench.meter', [
                    'accuracy' => $test->meter->accuracy === '' ? '1 %' : $test->meter->accuracy,
                    'pass' => ReadingText::range($reading->pass, $unit),
                ])
                : $this->words->sentence('bench.own-range', ['pass' => ReadingText::range($reading->pass, $unit)]);

        return $why;
    }

    /** How the parts were drawn, in words. */
    private function spread(Reading $reading): string
    {
        $other = array_filter(
            array_map(static fn(Toleranced $part): Spread => $part->spread, $reading->parts),
            static fn(Spread $spread): bool => $spread !== Spread::Even,
        );
        $kinds = array_unique(array_map(static fn(Spread $spread): string => $spread->value, $other));
        $names = array_map(strval(...), array_keys($other));

        return $this->words->sentence(
            'bench.spread.' .
                match (count($kinds)) {
                    0 => 'even',
                    1 => array_values($kinds)[0],
                    default => 'mixed',
                },
            ['parts' => $names],
        );
    }

    /** @return Ends */
    private static function ends(Interval $interval): array
    {
        return [
            'low' => is_finite($interval->low) ? $interval->low : null,
            'high' => is_finite($interval->high) ? $interval->high : null,
        ];
    }
}
