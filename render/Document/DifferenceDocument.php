<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Kit\Change;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartDifference;
use Chiralex\Manual\Manual;
use Chiralex\Manual\Touched;
use ChiralexRender\Words;

/**
 * The difference of two revisions: what became of each part, what it touches, what the builder sees otherwise.
 *
 * @phpstan-import-type Marking from BagsDocument
 * @phpstan-type Side array{value: string, kindName: string, outline: string, height: float, marking: ?Marking, steps: list<int>, bag: ?string, callout: bool, tests: list<string>}
 * @phpstan-type Entry array{change: string, designator: string, was: string, fields: list<string>, before: ?Side, after: ?Side, seen: string}
 */
final readonly class DifferenceDocument
{
    private PartName $names;

    public function __construct(private Words $words)
    {
        $this->names = new PartName($words);
    }

    /**
     * @param list<PartDifference> $differences
     * @return array{before: string, after: string, entries: list<Entry>}
     */
    public function of(array $differences, Manual $before, Manual $after): array
    {
        return [
            'before' => $before->kit->revision,
            'after' => $after->kit->revision,
            'entries' => array_map(fn(PartDifference $each): array => [
                'change' => $each->change->value,
                'designator' => $each->designator,
                'was' => $each->was,
                'fields' => $each->fields,
                'before' => $each->before === null ? null : $this->side($each->before, Touched::by($each->was, $before)),
                'after' => $each->after === null ? null : $this->side($each->after, Touched::by($each->designator, $after)),
                'seen' => $this->seen($each),
            ], $differences),
        ];
    }

    /** @return Side */
    private function side(KitPart $part, Touched $touched): array
    {
        return [
            'value' => $this->names->value($part), 'kindName' => $this->names->kind($part), 'outline' => $part->outline->name, 'height' => round($part->height, 3), 'marking' => PartMarking::of($part),
            'steps' => $touched->steps, 'bag' => $touched->bag, 'callout' => $touched->callout, 'tests' => $touched->tests,
        ];
    }

    /** What a builder notices, in one sentence; empty where nothing shows. */
    private function seen(PartDifference $difference): string
    {
        [$before, $after] = [$difference->before, $difference->after];
        $label = str_starts_with($difference->designator, '~') ? $this->unnamed($after ?? $before) : $difference->designator;
        $args = ['part' => $label, 'was' => $before === null ? '' : $this->look($before), 'now' => $after === null ? '' : $this->look($after), 'name' => str_starts_with($difference->was, '~') ? $label : $difference->was];
        if (str_starts_with($difference->designator, '~') && $difference->change !== Change::Changed) {
            return $this->words->sentence("difference.unnamed.{$difference->change->value}", $args);
        }
        if ($difference->change === Change::Changed) {
            $shown = array_values(array_intersect($difference->fields, ['quantity', 'height', 'place', 'legend', 'mark', 'supply']));

            return $this->words->sentence('difference.changed', $args + ['fields' => array_map(fn(string $field): string => $this->words->sentence("difference.field.{$field}", []), $shown)]);
        }

        return $this->words->sentence("difference.{$difference->change->value}", $args);
    }

    private function unnamed(?KitPart $part): string
    {
        return $part === null ? '' : ucfirst(trim("{$part->line->value} {$this->names->kind($part)}"));
    }

    private function look(KitPart $part): string
    {
        $marking = PartMarking::of($part);
        $marked = match ($marking['type'] ?? '') {
            'bands' => ' (' . implode(', ', $marking['bands']) . ')',
            'band', 'code' => " ({$marking['text']})",
            default => '',
        };

        return "{$this->names->value($part)} {$this->names->kind($part)}{$marked}";
    }
}
