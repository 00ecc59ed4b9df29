<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Board\BodyGrid;
use Chiralex\Board\FreeApproach;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Bom\Provision;
use Chiralex\Build\DroppedRule;
use Chiralex\Build\Internal\Approach;
use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Jigs;
use Chiralex\Build\Precedence;
use Chiralex\Build\Rule;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\SolderFrom;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/**
 * Derived rules: a part whose joints an iron, or whose body two fingers, could no longer reach goes in before the taller
 * neighbour that would close it in. What fixed rules forbid, or what no order helps, is dropped and named.
 */
final readonly class ApproachRules
{
    /** How much more room is looked for at most, and in which steps, millimetres. */
    private const MOST_ROOM = 16.0;
    private const ROOM = 0.5;

    /**
     * @return array{list<Rule>, list<DroppedRule>}
     */
    public function derive(Kit $kit, TaskBook $book, Precedence $fixed): array
    {
        $bodies = $this->bodies($kit, $book);
        $panelled = Jigs::of($kit)->parts();
        $grid = BodyGrid::of(array_values($bodies));
        $largest = max([0.0, ...array_values(array_map(FreeApproach::extent(...), $bodies))]);
        $rules = $dropped = [];
        foreach ($bodies as $designator => $body) {
            $part = $kit->part($designator);
            if ($part === null || in_array($designator, $panelled, true) || $book->solder($designator) === null) {
                continue;
            }
            $approach = new Approach($part, $body, $kit->choices->settings->bench->solderFrom === SolderFrom::Front);
            foreach ($approach->needs() as $need) {
                [$after, $lost] = $this->need(
                    $need,
                    $approach,
                    $part,
                    $body,
                    $this->others($approach->near($need, $grid, $largest), $designator, $book),
                    $kit,
                    $book,
                    $fixed,
                );
                array_push($rules, ...$after);
                array_push($dropped, ...$lost);
            }
        }

        return $this->withoutCycles($rules, $dropped, $fixed, $bodies);
    }

    /** @return array<string, PlacedBody> bodies that are soldered, or stand there from the factory */
    private function bodies(Kit $kit, TaskBook $book): array
    {
        $bodies = [];
        foreach ($kit->bodies() as $designator => $body) {
            if (
                $book->solder((string) $designator) !== null ||
                $kit->part((string) $designator)?->supply === Provision::Factory
            ) {
                $bodies[(string) $designator] = $body;
            }
        }
        ksort($bodies, SORT_NATURAL);

        return $bodies;
    }

    /**
     * @param list<PlacedBody> $near bodies that could stand in the way
     * @return array{list<Rule>, list<DroppedRule>}
     */
    private function need(
        string $need,
        Approach $approach,
        KitPart $part,
        PlacedBody $body,
        array $near,
        Kit $kit,
        TaskBook $book,
        Precedence $fixed,
    ): array {
        if ($near === [] || $approach->fits($need, $near)) {
            return [[], []];
        }
        $reason = new Reason("order.{$need}", ['part' => $part->designator], Origin::PlacementFile);
        $taller = array_values(
            array_filter(
                $near,
                static fn(PlacedBody $other): bool => $other->height > $body->height + Costs::INVERSION + 1e-9 &&
                    $kit->part($other->designator)?->supply !== Provision::Factory,
            ),
        );
        usort(
            $taller,
            static fn(PlacedBody $a, PlacedBody $b): int => $a->height <=> $b->height ?:
            strnatcmp($a->designator, $b->designator),
        );
        $there = array_values(
            array_filter($near, static fn(PlacedBody $other): bool => !in_array($other, $taller, true)),
        );
        if ($taller === [] || !$approach->fits($need, $there)) {
            return [
                [],
                [
                    new DroppedRule(
                        $part->designator,
                        self::names($there),
                        $reason,
                        true,
                        $body->centre,
                        $body->face->board,
                        $this->room($need, $approach, $body, $near),
                    ),
                ],
            ];
        }
        $rules = $lost = [];
        foreach ($taller as $other) {
            if ($approach->fits($need, [...$there, $other])) {
                $there[] = $other;
            } elseif (
                isset(
                    $fixed->reachable((string) $book->solder($other->designator))[
                        (string) $book->solder($part->designator)
                    ],
                )
            ) {
                $lost[] = new DroppedRule(
                    $part->designator,
                    [$other->designator],
                    $reason,
                    false,
                    $body->centre,
                    $body->face->board,
                    $this->room($need, $approach, $body, $near),
                );
            } else {
                $rules[] = new Rule(
                    (string) $book->solder($part->designator),
                    (string) $book->solder($other->designator),
                    new Reason(
                        "order.{$need}",
                        ['part' => $part->designator, 'by' => $other->designator],
                        Origin::PlacementFile,
                    ),
                    derived: true,
                );
            }
        }

        return [$rules, $lost];
    }

    /**
     * How far its neighbours have to stand off from it for the part to be free.
     *
     * @param list<PlacedBody> $near
     */
    private function room(string $need, Approach $approach, PlacedBody $body, array $near): ?float
    {
        $fits = static function (int $steps) use ($need, $approach, $body, $near): bool {
            return $approach->fits(
                $need,
                array_map(static function (PlacedBody $other) use ($body, $steps): PlacedBody {
                    $far = max(1e-6, $body->centre->distanceTo($other->centre));
                    $room = $steps * self::ROOM;

                    return $other->shifted(
                        new Point(
                            ($room * ($other->centre->x - $body->centre->x)) / $far,
                            ($room * ($other->centre->y - $body->centre->y)) / $far,
                        ),
                    );
                }, $near),
            );
        };
        [$closed, $free] = [0, (int) (self::MOST_ROOM / self::ROOM)];
        if (!$fits($free)) {
            return null;
        }
        // The further off they stand the less they close in: the least room is found by halving.
        while ($free - $closed > 1) {
            $middle = intdiv($closed + $free, 2);
            [$closed, $free] = $fits($middle) ? [$closed, $middle] : [$middle, $free];
        }

        return $free * self::ROOM;
    }

    /**
     * Several derived rules together may close a circle with fixed ones; the last of them is dropped.
     *
     * @param list<Rule> $rules
     * @param list<DroppedRule> $dropped
     * @param array<string, PlacedBody> $bodies
     * @return array{list<Rule>, list<DroppedRule>}
     */
    private function withoutCycles(array $rules, array $dropped, Precedence $fixed, array $bodies): array
    {
        $kept = [];
        $known = $fixed;
        foreach ($rules as $rule) {
            if (isset($known->reachable($rule->after)[$rule->before])) {
                $part = self::name($rule, 'part');
                $dropped[] = new DroppedRule(
                    $part,
                    [self::name($rule, 'by')],
                    $rule->reason,
                    false,
                    $bodies[$part]->centre,
                    $bodies[$part]->face->board,
                    null,
                );
                continue;
            }
            $kept[] = $rule;
            $known = $known->with($rule);
        }

        return [$kept, $dropped];
    }

    /**
     * What is bolted to a part is one body with it and closes nothing in.
     *
     * @param list<PlacedBody> $near
     * @return list<PlacedBody>
     */
    private function others(array $near, string $designator, TaskBook $book): array
    {
        return array_values(
            array_filter(
                $near,
                static fn(PlacedBody $body): bool => $book->solder($body->designator) === null ||
                    $book->solder($body->designator) !== $book->solder($designator),
            ),
        );
    }

    private static function name(Rule $rule, string $which): string
    {
        $name = $rule->reason->args[$which] ?? '';

        return is_string($name) ? $name : '';
    }

    /**
     * @param list<PlacedBody> $bodies
     * @return list<string>
     */
    private static function names(array $bodies): array
    {
        return array_map(static fn(PlacedBody $body): string => $body->designator, $bodies);
    }
}
