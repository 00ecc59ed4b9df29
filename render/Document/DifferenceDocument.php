<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bagging\BagMass;
use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Bench\Readings;
use Chiralex\Bom\Designators;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Change;
use Chiralex\Kit\Gate;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartDifference;
use Chiralex\Manual\Manual;
use Chiralex\Manual\Touched;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Text\PartName;
use ChiralexRender\Words;

/**
 * The difference of two revisions: what became of each part, what it touches, what the builder sees otherwise.
 *
 * @phpstan-import-type Marking from BagsDocument
 * @phpstan-type Side array{value: string, kindName: string, outline: string, height: float, marking: ?Marking, steps: list<int>, bag: ?string, callout: bool, tests: list<string>, alike: list<string>}
 * @phpstan-type BagChange array{bag: string, before: ?float, after: ?float, typical: bool}
 * @phpstan-type ReadingChange array{test: string, before: string, after: string}
 * @phpstan-type Entry array{change: string, designator: string, was: string, fields: list<string>, before: ?Side, after: ?Side, seen: string}
 */
final readonly class DifferenceDocument
{
    /** Grams no scale of a bench tells apart. */
    private const SAME_MASS = 0.005;

    private PartName $names;

    public function __construct(private Words $words)
    {
        $this->names = new PartName($words);
    }

    /**
     * @param list<PartDifference> $differences
     * @return array{before: string, after: string, entries: list<Entry>, bags: list<BagChange>, readings: list<ReadingChange>}
     */
    public function of(array $differences, Manual $before, Manual $after): array
    {
        $alike = [LookAlikes::of($before->kit), LookAlikes::of($after->kit)];

        return [
            'before' => $before->kit->head->revision,
            'after' => $after->kit->head->revision,
            'entries' => array_map(
                fn(PartDifference $each): array => [
                    'change' => $each->change->value,
                    'designator' => $each->designator,
                    'was' => $each->was,
                    'fields' => $each->fields,
                    'before' =>
                        $each->before === null
                            ? null
                            : $this->side($each->before, Touched::by($each->was, $before), $alike[0]),
                    'after' =>
                        $each->after === null
                            ? null
                            : $this->side($each->after, Touched::by($each->designator, $after), $alike[1]),
                    'seen' => $this->seen($each),
                ],
                $differences,
            ),
            'bags' => $this->bags($before, $after),
            'readings' => $this->readings($before, $after),
        ];
    }

    /** @return list<BagChange> bags whose contents weigh otherwise */
    private function bags(Manual $before, Manual $after): array
    {
        $old = $new = [];
        foreach ($before->bags->bags as $bag) {
            $old[$bag->name] = BagMass::of($bag);
        }
        foreach ($after->bags->bags as $bag) {
            $new[$bag->name] = BagMass::of($bag);
        }
        $changes = [];
        foreach ($old + $new as $name => $mass) {
            [$was, $is] = [$old[$name] ?? null, $new[$name] ?? null];
            if ($was === null || $is === null || abs($was->grams - $is->grams) > self::SAME_MASS) {
                $changes[] = [
                    'bag' => (string) $name,
                    'before' => $was === null ? null : round($was->grams, 2),
                    'after' => $is === null ? null : round($is->grams, 2),
                    'typical' => ($was->typical ?? false) || ($is->typical ?? false),
                ];
            }
        }

        return $changes;
    }

    /** @return list<ReadingChange> tests and gates that expect otherwise; empty where there was or is none */
    private function readings(Manual $before, Manual $after): array
    {
        [$old, $new] = [self::expected($before), self::expected($after)];
        $changes = [];
        foreach ($old + $new as $name => $expect) {
            if (($old[$name] ?? '') !== ($new[$name] ?? '')) {
                $changes[] = ['test' => (string) $name, 'before' => $old[$name] ?? '', 'after' => $new[$name] ?? ''];
            }
        }

        return $changes;
    }

    /** @return array<string, string> */
    private static function expected(Manual $manual): array
    {
        $expected = [];
        $readings = new Readings($manual->kit);
        $gates = array_map(
            static fn(Gate $gate): Checked => BenchBook::gate($readings, $gate),
            $manual->kit->work->gates,
        );
        foreach ([...$gates, ...(new BenchBook())->of($manual->kit)] as $each) {
            $expected[$each->test->name] = BenchDocument::printed($each);
        }

        return $expected;
    }

    /**
     * @return Side
     */
    private function side(KitPart $part, Touched $touched, LookAlikes $alike): array
    {
        return [
            'value' => $this->names->value($part),
            'kindName' => $this->names->kind($part),
            'outline' => $part->shape->outline->name,
            'height' => round($part->shape->height, 3),
            'marking' => PartMarking::of($part),
            'steps' => $touched->steps,
            'bag' => $touched->bag,
            'callout' => $touched->callout,
            'tests' => $touched->tests,
            'alike' => $alike->to($part->designator),
        ];
    }

    /** What a builder notices, in one sentence; empty where nothing shows. */
    private function seen(PartDifference $difference): string
    {
        [$before, $after] = [$difference->before, $difference->after];
        $label = !Designators::isNamed($difference->designator)
            ? $this->unnamed($after ?? $before)
            : $difference->designator;
        $args = [
            'part' => $label,
            'was' => $before === null ? '' : $this->look($before),
            'now' => $after === null ? '' : $this->look($after),
            'name' => !Designators::isNamed($difference->was) ? $label : $difference->was,
        ];
        if (!Designators::isNamed($difference->designator) && $difference->change !== Change::Changed) {
            return $this->words->sentence("difference.unnamed.{$difference->change->value}", $args);
        }
        if ($difference->change === Change::Changed) {
            $shown = array_values(
                array_intersect($difference->fields, ['quantity', 'height', 'place', 'legend', 'mark', 'supply']),
            );

            return $this->words->sentence(
                'difference.changed',
                $args + [
                    'fields' => array_map(
                        fn(string $field): string => $this->words->sentence("difference.field.{$field}", []),
                        $shown,
                    ),
                ],
            );
        }

        return $this->words->sentence("difference.{$difference->change->value}", $args);
    }

    private function unnamed(?KitPart $part): string
    {
        return $part === null ? '' : ucfirst(trim("{$part->line->cells->value} {$this->names->kind($part)}"));
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
