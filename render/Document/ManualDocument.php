<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Interval;
use Chiralex\Bench\Readings;
use Chiralex\Build\StepPart;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Option;
use Chiralex\Kit\PowerSupply;
use Chiralex\Kit\Test;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualStep;
use Chiralex\Reason\Reason;
use ChiralexRender\Words;
use stdClass;

/**
 * The document of `manual`: everything the builder reads, in words, without layout.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type Marking from BagsDocument
 * @phpstan-import-type Picture from MarksDocument
 * @phpstan-import-type CalloutShape from MarksDocument
 * @phpstan-type PartShape array{designator: string, value: string, kindName: string, marking: ?Marking, hold: string, printed: ?string, bag: ?string}
 * @phpstan-type TestShape array{name: string, instrument: string, points: list<string>, expect: string, otherwise: string, adjusts: ?string, power?: string, settings?: string, range: ?array{low: ?float, high: ?float}, unit: string}
 * @phpstan-type StepShape array{number: int, key: string, title: string, ownWords: bool, note: string, action: string, board: ?string, side: ?string, minutes: float, joints: int, parts: list<PartShape>, callouts: list<array{designator: string, text: string, consequence: string, picture: ?Picture}>, tips: list<string>, cautions: list<string>, gate: ?array{name: string, expect: string}, tests: list<TestShape>, remaining: array<string, list<string>>|\stdClass}
 * @phpstan-type RowShape array{designators: list<string>, quantity: int, value: string, kindName: string, marking: ?Marking, bag: string, direction: string}
 * @phpstan-type ManualShape array{kit: string, code: string, revision: string, choice: list<array{name: string, value: string}>, paper: string, skill: string, minutes: float, elapsed?: float, supply?: string, joints: int, bags: Bags, tools: list<string>, cautions: list<string>, squarePads: list<array{board: string, pads: array<string, string>}>, identification: list<RowShape>, steps: list<StepShape>}
 */
final readonly class ManualDocument
{
    private PartName $names;

    public function __construct(private Words $words)
    {
        $this->names = new PartName($words);
    }

    /** @return ManualShape */
    public function of(Manual $manual): array
    {
        $order = (new OrderDocument($this->words))->of($manual->order, $manual->kit);
        $marks = (new MarksDocument($this->words))->of(array_merge(...array_map(static fn(ManualStep $step): array => $step->callouts, $manual->steps), ...[[]]), $manual->kit, $manual->order);
        $callouts = array_column($marks['callouts'], null, 'designator');
        $bagOf = $manual->bags->bagOf();
        $told = fn(Reason $reason): string => $this->words->of($reason);
        $titles = array_column($order['steps'], 'title', 'number');

        return [
            'kit' => $manual->kit->name,
            'code' => $manual->kit->code,
            'revision' => $manual->kit->revision,
            'choice' => array_map(static fn(Option $option): array => ['name' => $option->name, 'value' => $option->chosen], $manual->kit->options),
            'paper' => $manual->kit->settings->paper,
            'skill' => $manual->kit->settings->skill,
            'minutes' => $order['minutes'],
            'elapsed' => $manual->order->clock->elapsed ?? $order['minutes'],
            'supply' => self::supply($manual->kit->power),
            'joints' => array_sum(array_column($order['steps'], 'joints')),
            'bags' => (new BagsDocument($this->words))->of($manual->bags),
            'tools' => array_map($told, $manual->tools),
            'cautions' => array_map($told, $manual->cautions),
            'squarePads' => $this->pads($manual),
            'identification' => $this->identification($manual, $bagOf),
            'steps' => array_map(fn(ManualStep $step): array => $this->step($step, $manual, $callouts, $bagOf, $titles[$step->step->number]), $manual->steps),
        ];
    }

    /**
     * @param array<array-key, CalloutShape> $callouts by designator
     * @param array<string, string> $bagOf
     * @return StepShape
     */
    private function step(ManualStep $each, Manual $manual, array $callouts, array $bagOf, string $title): array
    {
        $step = $each->step;
        $words = $manual->kit->words;
        $fit = [];
        foreach ([...array_map(static fn($callout): string => $callout->designator, $each->callouts), ...array_map(static fn($wire): string => $wire->name, $each->wires)] as $name) {
            $callout = $callouts[$name] ?? null;
            if ($callout !== null) {
                $fit[] = ['designator' => $name, 'text' => $callout['text'], 'consequence' => $callout['consequence'], 'picture' => $callout['picture']];
            }
        }
        $key = implode(',', $step->names()) ?: (string) $step->gate?->name;

        return [
            'number' => $step->number,
            'key' => $step->action->value . ':' . $key,
            'title' => $words["step.{$key}.title"] ?? $title,
            'ownWords' => isset($words["step.{$key}.title"]) || isset($words["step.{$key}.note"]),
            'note' => $words["step.{$key}.note"] ?? '',
            'action' => $step->action->value,
            'board' => $step->board,
            'side' => $step->gate === null && $step->board !== null ? $step->side?->value : null,
            'minutes' => $step->minutes,
            'joints' => $step->joints,
            'parts' => [...array_map(fn(StepPart $part): array => $this->part($part, $manual, $bagOf), $step->parts), ...array_map(fn(string $name): array => $this->loose($name, $manual, $bagOf), $each->loose)],
            'callouts' => $fit,
            'tips' => array_map(fn(Reason $reason): string => $this->words->of($reason), $each->tips),
            'cautions' => array_map(fn(Reason $reason): string => $this->words->of($reason), $step->cautions),
            'gate' => $step->gate === null ? null : ['name' => $step->gate->name, 'expect' => BenchDocument::printed(BenchBook::gate(new Readings($manual->kit), $step->gate))],
            'tests' => array_map(fn(Test $test): array => $this->test($test, $manual), $each->tests),
            'remaining' => $each->remaining === [] ? new stdClass() : $each->remaining,
        ];
    }

    private static function supply(?PowerSupply $power): string
    {
        return $power === null ? '' : ReadingText::range(new Interval($power->leastVolts, $power->mostVolts), 'V') . ($power->amps === null ? '' : ', ' . ReadingText::value($power->amps, 'A'));
    }

    /** @return TestShape */
    private function test(Test $test, Manual $manual): array
    {
        $row = (new BenchDocument($this->words))->row(BenchBook::checked(new Readings($manual->kit), $test));

        return ['name' => $row['name'], 'instrument' => $row['instrument'], 'points' => $row['points'], 'expect' => $row['printed'], 'otherwise' => $row['otherwise'], 'adjusts' => $row['adjusts'], 'power' => $row['power'], 'settings' => $row['settings'], 'range' => $row['range'], 'unit' => $row['unit']];
    }

    /**
     * @param array<string, string> $bagOf
     * @return PartShape
     */
    private function part(StepPart $step, Manual $manual, array $bagOf): array
    {
        $part = $manual->kit->part($step->designator);
        $hold = array_values(array_filter($step->reasons, static fn(Reason $reason): bool => str_starts_with($reason->code, 'hold.')));

        return [
            'designator' => $step->designator,
            'value' => $part === null ? '' : $this->names->value($part),
            'kindName' => $part === null ? $this->words->sentence('manual.wire', []) : $this->names->kind($part),
            'marking' => $part === null ? null : PartMarking::of($part),
            'hold' => $hold === [] ? '' : $this->words->of($hold[0]),
            'printed' => $part?->legend,
            'bag' => $bagOf[$step->designator] ?? null,
        ];
    }

    /**
     * @param array<string, string> $bagOf
     * @return PartShape
     */
    private function loose(string $designator, Manual $manual, array $bagOf): array
    {
        $part = $manual->kit->part($designator);

        return [
            'designator' => $designator, 'value' => $part === null ? '' : $this->names->value($part), 'kindName' => $part === null ? '' : $this->names->kind($part), 'marking' => $part === null ? null : PartMarking::of($part),
            'hold' => $this->words->sentence('manual.loose', ['designator' => $designator]), 'printed' => null, 'bag' => $bagOf[$designator] ?? null,
        ];
    }

    /**
     * @param array<string, string> $bagOf
     * @return list<RowShape> a row for each look, parts without designators left out
     */
    private function identification(Manual $manual, array $bagOf): array
    {
        $rows = [];
        foreach ($manual->bags->bags as $bag) {
            foreach ($bag->items as $item) {
                if (!str_starts_with($item->designators[0], '~')) {
                    $rows[] = [
                        'designators' => $item->designators, 'quantity' => $item->quantity, 'value' => $this->names->value($item->part), 'kindName' => $this->names->kind($item->part),
                        'marking' => PartMarking::of($item->part), 'bag' => $bagOf[$item->designators[0]] ?? $bag->name,
                        'direction' => $this->direction($item->part),
                    ];
                }
            }
        }

        return $rows;
    }

    private function direction(KitPart $part): string
    {
        $mark = ($part->polarity === null ? $part->row->checkMark : $part->polarity->mark)?->value;

        return $part->polarised && $mark !== null ? $this->words->mark($mark) : ($part->polarised ? $this->words->sentence('manual.has-direction', []) : $this->words->sentence('manual.either-way', []));
    }

    /** @return list<array{board: string, pads: array<string, string>}> what a square pad means, where the maker said */
    private function pads(Manual $manual): array
    {
        $pads = [];
        foreach ($manual->kit->boards as $board) {
            if ($board->squarePad !== []) {
                $pads[] = ['board' => $board->name, 'pads' => $board->squarePad];
            }
        }

        return $pads;
    }
}
