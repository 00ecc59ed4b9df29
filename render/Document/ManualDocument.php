<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bench\Interval;
use Chiralex\Bom\Designators;
use Chiralex\Kit\DrillFace;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Option;
use Chiralex\Kit\OwnSymptom;
use Chiralex\Kit\PowerSupply;
use Chiralex\Kit\Test;
use Chiralex\Manual\Block;
use Chiralex\Manual\Blocks;
use Chiralex\Manual\DrillPlan;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualStep;
use Chiralex\Part\Role;
use ChiralexRender\Text\Markdown;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Text\PartName;
use ChiralexRender\Text\ReadingText;
use ChiralexRender\Words;

/**
 * The document of `manual`: everything the builder reads, in words, without layout.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type ConnectorShape from ConnectorDocument
 * @phpstan-import-type Marking from BagsDocument
 * @phpstan-import-type StepShape from StepDocument
 * @phpstan-import-type TextShape from OwnTexts
 * @phpstan-type RowShape array{designators: list<string>, quantity: int, value: string, kindName: string, marking: ?Marking, bag: string, direction: string}
 * @phpstan-type BlockShape array{name: string, designators?: list<string>, parts: list<string>, steps: list<int>, tests: list<string>, feeds?: list<string>, signs?: list<string>, markdown: string, html: string}
 * @phpstan-import-type Planned from OrderDocument
 * @phpstan-import-type PowerShape from PowerDocument
 * @phpstan-type ManualShape array{kit: string, code: string, revision: string, choice: list<array{name: string, value: string}>, paper: string, skill: string, language?: string, units?: string, colour?: bool, alloy?: string, workholding?: string, solderFrom?: string, minutes: float, planned?: Planned, elapsed?: float, supply?: string, joints: int, bags: Bags, tools: list<string>, cautions: list<string>, squarePads: list<array{board: string, pads: array<string, string>}>, identification: list<RowShape>, steps: list<StepShape>, texts?: list<TextShape>, blocks?: list<BlockShape>, connectors?: list<ConnectorShape>, drilling?: list<string>, power?: PowerShape}
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
        $marks = (new MarksDocument($this->words))->of(
            array_merge(...array_map(static fn(ManualStep $step): array => $step->callouts, $manual->steps), ...[[]]),
            $manual->kit,
            $manual->order,
        );
        $callouts = array_column($marks['callouts'], null, 'designator');
        $bagOf = $manual->bags->bagOf();
        $titles = array_column($order['steps'], 'title', 'number');
        $steps = new StepDocument(
            $this->words,
            $manual->kit,
            array_column($marks['callouts'], null, 'designator'),
            $bagOf,
        );
        $settings = $manual->kit->choices->settings;

        return [
            'kit' => $manual->kit->head->name,
            'code' => $manual->kit->head->code,
            'revision' => $manual->kit->head->revision,
            'choice' => array_map(
                static fn(Option $option): array => ['name' => $option->name, 'value' => $option->chosen],
                $manual->kit->choices->options,
            ),
            'paper' => $settings->page->paper->value,
            'skill' => $settings->skill->value,
            'language' => $this->words->language,
            'units' => $settings->page->units->value,
            'colour' => $settings->page->colour,
            'alloy' => $settings->bench->alloy->value,
            'workholding' => $settings->bench->workholding->value,
            'solderFrom' => $settings->bench->solderFrom->value,
            'minutes' => $order['minutes'],
            'planned' => $order['planned'],
            'elapsed' => $manual->order->clock->elapsed ?? $order['minutes'],
            'supply' => $this->supply($manual->kit->nature->power),
            'joints' => array_sum(array_column($order['steps'], 'joints')),
            'bags' => (new BagsDocument($this->words))->of($manual->bags),
            'tools' => array_map($this->words->of(...), $manual->tools),
            'cautions' => array_map($this->words->of(...), $manual->cautions),
            'squarePads' => $this->pads($manual),
            'identification' => $this->identification($manual, $bagOf),
            'steps' => array_map(
                static fn(ManualStep $step): array => $steps->of($step, $titles[$step->step->number]),
                $manual->steps,
            ),
            'texts' => OwnTexts::of($manual->kit->choices->words),
            'connectors' => (new ConnectorDocument($this->words))->tables($manual->kit),
            'blocks' => $this->blocks($manual, $steps),
            'power' => (new PowerDocument($this->words))->of($manual),
            'drilling' => array_map(
                static fn(DrillFace $face): string => trim("{$face->by} {$face->face}"),
                DrillPlan::of($manual->kit),
            ),
        ];
    }

    private function supply(?PowerSupply $power): string
    {
        return $power === null
            ? ''
            : ReadingText::range(new Interval($power->leastVolts, $power->mostVolts), 'V', $this->words) .
                    ($power->amps === null ? '' : ', ' . ReadingText::value($power->amps, 'A'));
    }

    /** @return list<BlockShape> */
    private function blocks(Manual $manual, StepDocument $steps): array
    {
        return array_map(function (Block $block) use ($manual, $steps): array {
            $kit = $manual->kit;
            $own = OwnTexts::block($kit->choices->words, $block->name);

            return [
                'name' => $block->name,
                'designators' => $block->parts,
                'parts' => array_map(function (string $name) use ($kit): string {
                    $part = $kit->part($name);

                    return $part === null ? $name : "{$name} {$this->names->value($part)}";
                }, $block->parts),
                'steps' => $block->steps,
                'tests' => array_map(
                    fn(Test $test): string => "{$test->name}, {$this->words->sentence('page.expect', [
                        'expect' => $steps->test($test)['expect'],
                    ])}",
                    $block->tests,
                ),
                'feeds' => $kit->work->feeds[$block->name] ?? [],
                'signs' => array_column(
                    array_filter(
                        $kit->work->symptoms,
                        static fn(OwnSymptom $each): bool => in_array($block->name, $each->blocks, true),
                    ),
                    'name',
                ),
                'markdown' => $own,
                'html' => Markdown::html($own),
            ];
        }, Blocks::of($manual->kit, $manual->order));
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
                if (Designators::isNamed($item->designators[0])) {
                    $rows[] = [
                        'designators' => $item->designators,
                        'quantity' => $item->quantity,
                        'value' => $this->names->value($item->part),
                        'kindName' => $this->names->kind($item->part),
                        'marking' => PartMarking::of($item->part),
                        'bag' => $bagOf[$item->designators[0]] ?? $bag->name,
                        'direction' => $this->direction($item->part),
                    ];
                }
            }
        }

        return $rows;
    }

    private function direction(KitPart $part): string
    {
        $mark = ($part->direction->polarity === null ? $part->row->mark?->check : $part->direction->polarity->mark)
            ?->value;

        return match (true) {
            $part->direction->polarised && $mark !== null => $this->words->mark($mark),
            $part->direction->polarised => $this->words->sentence('manual.has-direction'),
            $part->row->is(Role::EitherWay) => $this->words->sentence('manual.either-way'),
            default => '',
        };
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
