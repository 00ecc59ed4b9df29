<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bom\Line;
use Chiralex\Build\LookAlikeGroup;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Option;
use Chiralex\Kit\PartCount;
use Chiralex\Kit\Substitutes;
use Chiralex\Part\Kind;
use Chiralex\Reason\Problem;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** The document of `parts`: lines as read and recognised, and what was wrong. */
final readonly class PartsDocument
{
    /** Look-alikes named with a line. */
    private const NAMED = 8;

    public function __construct(private Words $words) {}

    /** @return array{kit: string, revision: string, file: string, columns: array<string, string>, headers: list<string>, options: list<array{name: string, values: list<string>, default: string, chosen: string}>, lines: list<array<string, mixed>>, lineUp: list<array<string, mixed>>, lineUpInAll: int, counts: array{lines: int, parts: int, pieces: int}, problems: list<array<string, mixed>>} */
    public function of(Kit $kit): array
    {
        $told = new Told($this->words);
        $alike = LookAlikes::of($kit);

        return [
            'kit' => $kit->head->name,
            'revision' => $kit->head->revision,
            'file' => $kit->findings->list->file,
            'columns' => array_map(
                static fn(int $index): string => $kit->findings->list->headers[$index] ?? '',
                $kit->findings->list->columns,
            ),
            'headers' => $kit->findings->list->headers,
            'options' => array_map(
                static fn(Option $option): array => [
                    'name' => $option->name,
                    'values' => array_map(strval(...), array_keys($option->values)),
                    'default' => $option->default,
                    'chosen' => $option->chosen,
                    ...$option->prices === [] ? [] : ['prices' => $option->prices],
                ],
                $kit->choices->options,
            ),
            'lines' => array_merge(
                ...array_map(fn(Line $line): array => $this->lines($line, $kit, $alike), $kit->findings->list->lines),
                ...[[]],
            ),
            'lineUp' => (new LineUp($this->words))->of($kit, $alike->groups),
            'lineUpInAll' => array_sum(
                array_map(static fn(LookAlikeGroup $group): int => $group->pairs(), $alike->groups),
            ),
            'counts' => self::counted(PartCount::of($kit)),
            'problems' => array_map(
                static fn(Problem $problem): array => $told->problem($problem),
                $kit->findings->problems,
            ),
        ];
    }

    /** @return array{lines: int, parts: int, pieces: int} */
    private static function counted(PartCount $count): array
    {
        return ['lines' => $count->lines, 'parts' => $count->parts, 'pieces' => $count->pieces];
    }

    /**
     * One document line for each row; designators that the maker treats differently stand apart.
     *
     * @return list<array<string, mixed>>
     */
    private function lines(Line $line, Kit $kit, LookAlikes $alike): array
    {
        $groups = [];
        foreach ($line->designators as $designator) {
            $part = $kit->part($designator);
            if ($part !== null) {
                $groups[
                    implode('|', [
                        $part->kind()->value,
                        $part->shape->outline->name,
                        $part->shape->height,
                        $part->shape->heightOrigin->value,
                        $part->supply->value,
                        $part->direction->polarised ? 1 : 0,
                        $part->notes->legend ?? '',
                        $part->notes->prints,
                        $part->notes->usedAt,
                        $part->notes->spread,
                        ...$part->notes->allowed,
                        '-',
                        ...$part->notes->forbidden,
                    ])
                ][] = $part;
            }
        }

        return array_values(
            array_map(
                fn(array $parts): array => $this->line(
                    $line,
                    $parts,
                    count($groups) === 1,
                    $alike->to($parts[0]->designator),
                    $kit,
                ),
                $groups,
            ),
        );
    }

    /**
     * @param non-empty-list<KitPart> $parts
     * @param list<string> $alike
     * @return array<string, mixed>
     */
    private function line(Line $line, array $parts, bool $whole, array $alike, Kit $kit): array
    {
        $told = new Told($this->words);
        $part = $parts[0];
        $value = $part->recognition->value;

        return [
            'row' => $line->row,
            'designators' => array_map(static fn(KitPart $each): string => $each->designator, $parts),
            'quantity' => $whole ? $line->quantity : count($parts),
            'length' => $line->length,
            'value' => $value?->value->plain(),
            'unit' => $value?->value->unit->value,
            'display' => $value?->value->display(),
            'tolerance' => $value === null ? null : $part->tolerance(),
            'spread' => $part->notes->spread,
            'text' => $line->cells->value,
            'description' => $line->cells->description,
            'kind' => $part->kind()->value,
            'kindName' => $this->words->kind($part->kind()),
            'confidence' => $part->recognition->confidence,
            'question' => $part->recognition->needsAnswer() && $part->supply->isOnBoard(),
            'candidates' => $part->recognition->needsAnswer()
                ? array_map(static fn(Kind $kind): string => $kind->value, $part->recognition->candidates)
                : [],
            'package' => $line->cells->package,
            'outline' => $part->shape->outline->name,
            'height' =>
                $part->shape->outline->name === 'none' && $part->place->placement === null
                    ? null
                    : $part->shape->height,
            'heightSource' => $part->shape->heightOrigin->value,
            'polarised' => $part->direction->polarised,
            'mark' => $part->direction->polarised
                ? ($part->direction->polarity === null ? $part->row->mark?->check : $part->direction->polarity->mark)
                    ?->value
                : null,
            'supply' => $part->supply->value,
            'sensitivity' => $part->shape->sensitivity->value,
            'legend' => $part->notes->legend,
            'legendRead' => ($kit->findings->drawn->prints[$part->designator] ?? null)?->legend(),
            'prints' => $part->notes->prints,
            'usedAt' => $part->notes->usedAt,
            'note' => $line->cells->note,
            'substitutes' => $this->substitutes($part, $kit),
            'socket' => $part->place->socket,
            'placed' => $part->place->placement !== null,
            'marking' => PartMarking::of($part),
            // Of a crowd that all look alike the first; their number is said.
            'alike' => array_slice($alike, 0, self::NAMED),
            'alikeInAll' => count($alike),
            'reasons' => $told->reasons($part->recognition->reasons),
        ];
    }

    /** @return ?array{allowed: list<string>, forbidden: list<string>, warnings: list<array<string, mixed>>, dependents: list<array<string, mixed>>} null where nothing is known */
    private function substitutes(KitPart $part, Kit $kit): ?array
    {
        $told = new Told($this->words);
        $substitutes = new Substitutes($kit);
        $known = [
            'allowed' => $part->notes->allowed,
            'forbidden' => $part->notes->forbidden,
            'warnings' => $told->reasons($substitutes->warnings($part)),
            'dependents' => $told->reasons($substitutes->dependents($part)),
        ];

        return array_filter($known) === [] ? null : $known;
    }
}
