<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Readings;
use Chiralex\Build\Action;
use Chiralex\Build\Step;
use Chiralex\Build\StepPart;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Test;
use Chiralex\Kit\Wire;
use Chiralex\Manual\LikelyMistakes;
use Chiralex\Manual\ManualStep;
use Chiralex\Manual\StepTools;
use Chiralex\Reason\Reason;
use ChiralexRender\Svg\Num;
use ChiralexRender\Svg\PhotoSvg;
use ChiralexRender\Text\HoldText;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Text\PartName;
use ChiralexRender\Text\ReadingText;
use ChiralexRender\Text\RowName;
use ChiralexRender\Words;
use stdClass;

/**
 * The steps of the document of `manual`.
 *
 * @phpstan-import-type Marking from BagsDocument
 * @phpstan-import-type Picture from MarksDocument
 * @phpstan-import-type CalloutShape from MarksDocument
 * @phpstan-type Sentence array{code: string, text: string, template: string, own: bool}
 * @phpstan-type PartShape array{designator: string, label?: string, value: string, kindName: string, marking: ?Marking, hold: string, printed: ?string, bag: ?string}
 * @phpstan-type TestShape array{name: string, instrument: string, points: list<string>, expect: string, otherwise: string, adjusts: ?string, power?: string, settings?: string, range: ?array{low: ?float, high: ?float}, unit: string, reach?: string, trace?: ?string}
 * @phpstan-type StepShape array{number: int, key: string, title: string, ownWords: bool, note: string, action: string, board: ?string, side: ?string, minutes: float, joints: int, fits: list<string>, parts: list<PartShape>, holds?: list<string>, callouts: list<array{designator: string, text: string, consequence: string, picture: ?Picture, second?: ?Picture, lead?: string}>, tools?: list<string>, tips: list<string>, cautions: list<string>, reminder?: string, gate: ?array{name: string, expect: string}, tests: list<TestShape>, remaining: array<string, list<string>>|\stdClass, photos?: list<array{file: string, picture: string}>, watch?: list<string>, mistakes?: list<string>, sentences?: list<Sentence>, wait?: ?float, wires?: list<array{name: string, colour: string, from: string, to: string, length: string}>}
 */
final readonly class StepDocument
{
    /** Wires of one step from which on a table helps. */
    private const TABLE = 3;
    /** What holds by itself: nothing to do, or the technique of its kind says it. */
    private const UNSAID = ['hold.none-needed', 'hold.bend'];

    private PartName $names;
    private RowName $rows;
    private Readings $readings;

    /**
     * @param array<array-key, CalloutShape> $callouts by designator
     * @param array<string, string> $bagOf
     */
    public function __construct(private Words $words, private Kit $kit, private array $callouts, private array $bagOf)
    {
        $this->names = new PartName($words);
        $this->rows = new RowName($kit, $words);
        $this->readings = new Readings($kit);
    }

    /** @return StepShape */
    public function of(ManualStep $each, string $title): array
    {
        $step = $each->step;
        $key = implode(',', $step->names()) ?: (string) $step->gate?->name;
        $own = $this->kit->choices->words;
        $told = $this->told(...);
        $parts = [
            ...array_map(
                fn(StepPart $part): array => $this->part($part, $step->action === Action::Solder),
                $step->parts,
            ),
            ...array_map($this->loose(...), $each->table->loose),
            ...array_map($this->ridden(...), $step->uses),
        ];

        return [
            'number' => $step->number,
            'key' => $step->action->value . ':' . $key,
            'title' => $own["step.{$key}.title"] ?? $title,
            'ownWords' => isset($own["step.{$key}.title"]) || isset($own["step.{$key}.note"]),
            'note' => $own["step.{$key}.note"] ?? '',
            'action' => $step->action->value,
            'board' => $step->face?->board,
            'side' => $step->gate === null ? $step->face?->side->value : null,
            'minutes' => $step->work->minutes,
            'joints' => $step->work->joints,
            'fits' => $step->fits(),
            'parts' => $parts,
            'holds' => HoldText::lines($parts),
            'callouts' => $this->callouts($each),
            'tools' => array_map($told, StepTools::of($each, $this->kit)),
            'tips' => array_map($told, $each->tips),
            'cautions' => array_map($told, $each->cautions),
            'reminder' => implode(' ', array_unique(array_map($told, $each->reminders))),
            'gate' =>
                $step->gate === null
                    ? null
                    : [
                        'name' => $step->gate->name,
                        'expect' => BenchDocument::printed(BenchBook::gate($this->readings, $step->gate), $this->words),
                    ],
            'photos' => $this->photos($step),
            'tests' => array_map($this->test(...), $each->tests),
            'remaining' =>
                $each->table->remaining === []
                    ? new stdClass()
                    : array_map(
                        fn(array $names): array => array_map($this->rows->full(...), $names),
                        $each->table->remaining,
                    ),
            'watch' => $this->watch($each),
            'mistakes' => array_map($told, LikelyMistakes::of($each, $this->kit)),
            'sentences' => array_map(
                fn(Reason $reason): array => [
                    'code' => $reason->code,
                    'text' => $this->told($reason),
                    'template' => $this->words->template($reason->code),
                    'own' => isset($own["sentence.{$reason->code}"]),
                ],
                [...$each->tips, ...$each->cautions, ...$each->reminders],
            ),
            'wait' => $this->wait($each),
            'wires' => $this->wires($each),
        ];
    }

    /** A sentence about parts, with rows that have no designator called by how many there are and of what. */
    private function told(Reason $reason): string
    {
        $names = $reason->args['names'] ?? null;

        return $this->words->of(
            is_array($names)
                ? new Reason(
                    $reason->code,
                    ['names' => array_map($this->rows->full(...), $names)] + $reason->args,
                    $reason->origin,
                )
                : $reason,
        );
    }

    /** @return list<array{designator: string, text: string, consequence: string, picture: ?Picture, second: ?Picture, lead: string}> */
    private function callouts(ManualStep $each): array
    {
        $fit = [];
        foreach (
            [
                ...array_map(static fn($callout): string => $callout->designator, $each->callouts),
                ...array_map(static fn($wire): string => $wire->name, $each->wires),
                ...$each->step->action->fits() ? $each->step->names() : [],
            ] as $name
        ) {
            $callout = $this->callouts[$name] ?? null;
            if ($callout !== null) {
                $fit[$name] = [
                    'designator' => $name,
                    'text' => $callout['text'],
                    'consequence' => $callout['consequence'],
                    'picture' => $callout['picture'],
                    'second' => $callout['second'],
                    'lead' => $callout['lead'],
                ];
            }
        }

        return array_values($fit);
    }

    /** @return list<string> look-alikes on the table, parts that go in either way round, what may come in the place of one */
    private function watch(ManualStep $each): array
    {
        $said = [];
        foreach ($each->table->alike as [$these, $others]) {
            $said[] = $this->words->sentence(count($these) === 1 ? 'page.alike-here' : 'page.alike-here-many', [
                'designator' => $these,
                'others' => $others,
            ]);
        }
        if ($each->table->undirected !== []) {
            $said[] = $this->words->sentence(
                count($each->table->undirected) === 1 ? 'page.no-direction-one' : 'page.no-direction',
                ['designators' => $each->table->undirected],
            );
        }

        foreach ($each->step->fits() as $name) {
            $allowed = $this->kit->part($name)->notes->allowed ?? [];
            if ($allowed !== []) {
                $said[] = $this->words->sentence('page.substitute', ['designator' => $name, 'names' => $allowed]);
            }
        }

        return $said;
    }

    /** @return list<array{name: string, colour: string, from: string, to: string, length: string}> a table where there are several */
    private function wires(ManualStep $each): array
    {
        return count($each->wires) < self::TABLE
            ? []
            : array_map(
                fn(Wire $wire): array => [
                    'name' => $wire->name,
                    'colour' => $this->words->colour($wire->colour),
                    'from' => $wire->from,
                    'to' => $wire->to,
                    'length' =>
                        $wire->length === null
                            ? ''
                            : $this->words->lengths->of(Num::of($wire->length), $this->words->point()),
                ],
                $each->wires,
            );
    }

    /** Minutes that something cures from the end of this step on. */
    private function wait(ManualStep $each): ?float
    {
        foreach ($each->step->action === Action::Cure ? $this->kit->work->groups->cures : [] as $cure) {
            if ($cure->name === $each->step->what) {
                return $cure->hours * 60;
            }
        }

        return null;
    }

    /** @return TestShape */
    public function test(Test $test): array
    {
        $checked = BenchBook::checked($this->readings, $test);
        $row = (new BenchDocument($this->words))->row($checked);
        $reach = $checked->reading?->adjuster->interval;

        return [
            'name' => $row['name'],
            'instrument' => $row['instrument'],
            'points' => $row['points'],
            'expect' => BenchDocument::printed($checked, $this->words),
            'otherwise' => $row['otherwise'],
            'adjusts' => $row['adjusts'],
            'power' => $row['power'],
            'settings' => $row['settings'],
            'range' => $row['range'],
            'unit' => $row['unit'],
            ...$row['trace'] === null ? [] : ['trace' => $row['trace']],
            ...$reach === null
                ? []
                : [
                    'reach' => $this->words->sentence('page.reaches', [
                        'low' => ReadingText::value($reach->low, $checked->unit()),
                        'high' => ReadingText::value($reach->high, $checked->unit()),
                    ]),
                ],
        ];
    }

    /**
     * Photographs of the maker's at this step, squared, with its places ringed.
     *
     * @return list<array{file: string, picture: string}>
     */
    private function photos(Step $step): array
    {
        $photos = [];
        foreach ($this->kit->work->photos as $photo) {
            $picture =
                $step->fits() !== [] && array_intersect($photo->at, $step->fits()) !== []
                    ? (new PhotoSvg($this->kit))->of($photo, $step->fits())
                    : '';
            if ($picture !== '') {
                $photos[] = [
                    'file' => $photo->file,
                    'picture' => $picture,
                    'of' => $photo->isOfOtherThan($this->kit->head->revision) ? $photo->revision : '',
                ];
            }
        }

        return $photos;
    }

    /** @return PartShape how it is held is said where it is soldered */
    private function part(StepPart $step, bool $soldered): array
    {
        $part = $this->kit->part($step->designator);
        $hold = array_values(
            array_filter(
                $step->reasons,
                static fn(Reason $reason): bool => $soldered &&
                    str_starts_with($reason->code, 'hold.') &&
                    !in_array($reason->code, self::UNSAID, true),
            ),
        );

        return [
            'designator' => $step->designator,
            'label' => $this->rows->label($step->designator),
            'value' => $part === null ? '' : $this->names->value($part),
            'kindName' => $part === null ? $this->words->sentence('manual.wire') : $this->names->kindBeside($part),
            'marking' => $part === null ? null : PartMarking::of($part),
            'hold' => $hold === [] ? '' : $this->words->of($hold[0]),
            'printed' => $part === null ? null : $this->kit->printedAt($part),
            'bag' => $this->bagOf[$step->designator] ?? null,
        ];
    }

    /** @return PartShape hardware and material that goes in with the parts */
    private function ridden(string $name): array
    {
        return ['hold' => ''] + $this->loose($name);
    }

    /** @return PartShape */
    private function loose(string $designator): array
    {
        $part = $this->kit->part($designator);

        return [
            'designator' => $designator,
            'label' => $this->rows->label($designator),
            'value' => $part === null ? '' : $this->names->value($part),
            'kindName' => $part === null ? '' : $this->names->kindBeside($part),
            'marking' => $part === null ? null : PartMarking::of($part),
            'hold' => $this->words->sentence('manual.loose', ['designator' => $designator]),
            'printed' => null,
            'bag' => $this->bagOf[$designator] ?? null,
        ];
    }
}
