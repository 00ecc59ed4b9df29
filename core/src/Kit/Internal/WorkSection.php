<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\CutAsked;
use Chiralex\Kit\CutList;
use Chiralex\Kit\CutStock;
use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Meter;
use Chiralex\Kit\TemporaryFit;
use Chiralex\Kit\Test;
use Chiralex\Kit\Trace;
use Chiralex\Kit\Waveform;
use Chiralex\Kit\Winding;
use Chiralex\Kit\Wire;
use Chiralex\Kit\Workshop;
use Chiralex\Part\Kind;

/** The sections `gates`, `tests`, `wires`, `drilling`, `stock`, `cuts` and `windings` of kit.json, as far as the chosen options have them. */
final readonly class WorkSection
{
    /** @param array<string, string> $chosen option to value */
    public function __construct(private Json $json, private array $chosen) {}

    /** @return list<Gate> */
    public function gates(): array
    {
        $gates = [];
        foreach ($this->here('gates') as $gate) {
            $temporary = array_map(
                static fn(Json $fit): TemporaryFit => new TemporaryFit(
                    $fit->texts('link'),
                    $fit->has('part') ? $fit->text('part') : null,
                    $fit->text('why'),
                    $fit->text('then', 'solder') === 'solder',
                ),
                $gate->objects('temporary'),
            );
            $gates[] = new Gate(
                $gate->text('name'),
                $gate->texts('needs'),
                $gate->texts('protects'),
                $gate->text('expect'),
                $gate->flag('early', false),
                $temporary,
            );
        }

        return $gates;
    }

    /** @return list<Test> */
    public function tests(): array
    {
        return array_map(
            static fn(Json $test): Test => new Test(
                $test->text('name'),
                $test->has('gate') ? $test->text('gate') : null,
                $test->text('power', 'on'),
                new Meter(
                    $test->text('instrument', 'multimeter'),
                    $test->text('accuracy'),
                    $test->text('settings'),
                    $test->has('trace') ? self::trace($test->object('trace')) : null,
                ),
                $test->texts('points'),
                $test->text('expect'),
                $test->has('adjusts') ? $test->text('adjusts') : null,
                $test->text('otherwise'),
            ),
            $this->here('tests'),
        );
    }

    private static function trace(Json $trace): Trace
    {
        $low = $trace->number('low') ?? 0.0;

        return new Trace(
            Waveform::tryFrom($trace->text('shape', 'square')) ?? Waveform::Square,
            $low,
            max($low, $trace->number('high') ?? $low),
            min(100.0, max(0.0, $trace->number('duty') ?? 50.0)),
        );
    }

    /** @return list<Wire> */
    public function wires(): array
    {
        return array_map(
            static fn(Json $wire): Wire => new Wire(
                $wire->text('name'),
                $wire->text('from'),
                $wire->text('to'),
                $wire->number('mm'),
                $wire->text('colour'),
                $wire->numbers('stripped'),
                $wire->has('face') ? $wire->text('face') : null,
                $wire->text('relief'),
            ),
            $this->here('wires'),
        );
    }

    /** @return list<DrillFace> */
    private function drilling(): array
    {
        return array_map(static function (Json $face): DrillFace {
            $size = $face->numbers('size');
            $holes = array_map(static function (Json $hole): Hole {
                $at = $hole->numbers('at');

                return new Hole(
                    $hole->text('for'),
                    $at[0] ?? 0.0,
                    $at[1] ?? 0.0,
                    $hole->number('diameter'),
                    $hole->texts('stack'),
                );
            }, $face->objects('holes'));

            return new DrillFace($face->text('by'), $face->text('face'), $size[0] ?? 0.0, $size[1] ?? 0.0, $holes);
        }, $this->here('drilling'));
    }

    public function workshop(): Workshop
    {
        return new Workshop(
            $this->drilling(),
            new CutList(
                array_map(
                    static fn(Json $stock): CutStock => new CutStock(
                        $stock->text('name'),
                        Kind::tryFrom($stock->text('kind')),
                        $stock->text('colour'),
                        $stock->number('length') ?? throw UnusableKit::wrongType('stock', 'a length for each'),
                        $stock->text('unit', 'mm'),
                        $stock->number('loss') ?? 0.0,
                    ),
                    $this->json->objects('stock'),
                ),
                array_map(
                    static fn(Json $cut): CutAsked => new CutAsked(
                        $cut->text('stock'),
                        $cut->texts('of'),
                        $cut->number('length') ?? throw UnusableKit::wrongType('cuts', 'a length for each'),
                    ),
                    $this->json->objects('cuts'),
                ),
                array_map(
                    static fn(Json $winding): Winding => new Winding(
                        $winding->text('part'),
                        $winding->number('turns') ?? throw UnusableKit::wrongType('windings', 'turns for each'),
                        $winding->number('former') ?? 0.0,
                        $winding->number('wire') ?? 0.0,
                        $winding->number('pitch') ?? ($winding->number('wire') ?? 0.0),
                        $winding->numbers('tails'),
                    ),
                    $this->json->objects('windings'),
                ),
            ),
        );
    }

    /** @return list<Json> */
    private function here(string $name): array
    {
        return array_values(
            array_filter($this->json->objects($name), function (Json $each): bool {
                if (!$each->has('option')) {
                    return true;
                }
                [$option, $value] = [...explode('=', $each->text('option'), 2), ''];

                return ($this->chosen[$option] ?? '') === $value;
            }),
        );
    }
}
