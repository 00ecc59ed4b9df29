<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Lie;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Polygon;
use Chiralex\Board\Prop;
use Chiralex\Board\Side;
use Chiralex\Bom\Provision;
use Chiralex\Build\Internal\Assembler;
use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Holding;
use Chiralex\Build\Internal\Items;
use Chiralex\Build\Internal\JointFacts;
use Chiralex\Build\Internal\Overrides;
use Chiralex\Build\Internal\Riders;
use Chiralex\Build\Internal\Scorer;
use Chiralex\Build\Internal\Sequencer;
use Chiralex\Build\Internal\StepFacts;
use Chiralex\Build\Internal\StepLimits;
use Chiralex\Build\Internal\Weakness;
use Chiralex\Build\Internal\WholeScore;
use Chiralex\Kit\Kit;
use Chiralex\Kit\OrderOverride;
use Chiralex\Kit\School;
use Chiralex\Kit\SolderFrom;
use Chiralex\Kit\Workholding;
use Chiralex\Safety\Cautions;

/** Plans the build of a kit: rules, soldering steps by the school, all other work around them, holds and score. */
final readonly class Planner
{
    /** Blocks whose heights differ by no more are one block, millimetres. */
    private const ONE_BLOCK = 0.5;

    public function plan(Kit $kit): BuildOrder|BuildCycle
    {
        $book = TaskBook::of($kit);
        $precedence = (new RuleBook())->precedence($kit, $book);
        $cycle = $precedence->cycle();
        if ($cycle === []) {
            return $this->ordered($kit, $book, $precedence);
        }
        $leftOut = [];
        for ($circle = $cycle; $circle !== []; $circle = $precedence->cycle()) {
            $leftOut[] = Weakness::ofTyped($circle);
            $precedence = (new RuleBook())->precedence($kit, $book, $leftOut);
        }

        return new BuildCycle($cycle, $leftOut, $this->ordered($kit, $book, $precedence));
    }

    private function ordered(Kit $kit, TaskBook $book, Precedence $precedence): BuildOrder
    {
        $school = $kit->choices->settings->school;
        $holding = Holding::of($kit);
        $alike = LookAlikes::of($kit);
        $items = Items::of($kit, $book, $precedence, $alike);
        $costs = new Costs($items, $holding, $this->factoryFitted($kit));
        $computed = (new Sequencer(
            $items,
            $costs,
            $school,
            $kit->choices->settings->group,
            $this->endSides($book),
        ))->steps();
        $names = array_map(
            fn(array $step): array => array_map(fn(int $item): string => $items->parts[$item]->designator, $step),
            $computed,
        );
        $moved = (new Overrides())->apply($names, $kit->choices->order);
        $soldering = array_map(
            fn(array $step): array => array_map(
                static fn(string $name): string => (string) $book->solder($name),
                $step,
            ),
            $moved,
        );
        $tasks = (new Assembler($book, $precedence, $kit->choices->settings->group))->steps($soldering);
        $tasks = $this->moveOthers($tasks, $kit->choices->order);
        $broken = $this->broken($tasks, $precedence);
        $steps = $this->steps(
            $kit,
            $tasks,
            $holding,
            new StepReasons($kit, $book, new RuleTelling($precedence), $alike),
        );
        $index = array_flip(array_map(static fn($part): string => $part->designator, $items->parts));
        $itemSteps = array_map(
            static fn(array $step): array => array_map(static fn(string $name): int => $index[$name], $step),
            $moved,
        );
        $hanging = 0;
        foreach ($steps as $step) {
            if ($step->action === Action::Solder && $step->face?->board !== null) {
                $hanging += count(array_filter($step->parts, static fn(StepPart $part): bool => $part->hold->hangs()));
            }
        }
        $violations =
            count($broken) +
            $this->brokenSteps($itemSteps, new StepLimits($items, $costs, $school, $kit->choices->settings->group));
        $score = (new WholeScore($kit, $precedence))->of(
            (new Scorer($items, $costs))->score($itemSteps, $violations, $hanging),
            $steps,
        );
        $unplaced = $kit->findings->hasPlacements
            ? array_values(
                array_filter(
                    array_keys($index),
                    static fn(string $name): bool => $kit->part($name)?->place->placement === null,
                ),
            )
            : [];

        return new BuildOrder(
            $school,
            $steps,
            $score,
            $broken,
            $unplaced,
            $precedence->rules,
            $precedence->givenUp,
            $this->clock($kit, $tasks, $steps, $precedence),
        );
    }

    /**
     * @param list<list<Task>> $tasks
     * @param list<Step> $steps
     */
    private function clock(Kit $kit, array $tasks, array $steps, Precedence $precedence): Clock
    {
        $cures = [];
        foreach ($kit->work->groups->cures as $cure) {
            $cures[Verb::Cure->of($cure->name)] = $cure;
        }

        return Clock::of(
            array_map(
                static fn(array $step, Step $made): array => [
                    'tasks' => array_map(static fn(Task $task): string => $task->id, $step),
                    'minutes' => $made->work->minutes,
                ],
                $tasks,
                $steps,
            ),
            $cures,
            $precedence,
        );
    }

    /**
     * The parts among the contacts of a lie.
     *
     * @return list<PlacedBody>
     */
    private function restsOn(Kit $kit, Lie $lie): array
    {
        return array_values(
            array_filter(
                array_map(static fn(string $name): ?PlacedBody => $kit->part($name)?->place->body, $lie->contacts),
            ),
        );
    }

    /**
     * The side each board has to lie on after its soldering, where its ICs all go in on one side.
     *
     * @return array<string, string> board to side
     */
    private function endSides(TaskBook $book): array
    {
        $sides = [];
        foreach ($book->tasks as $task) {
            if ($task->action === Action::Insert && $task->face !== null) {
                $sides[$task->face->board][$task->face->side->value] = true;
            }
        }

        return array_map(
            static fn(array $each): string => (string) array_key_first($each),
            array_filter($sides, static fn(array $each): bool => count($each) === 1),
        );
    }

    /** @return list<PlacedBody> */
    private function factoryFitted(Kit $kit): array
    {
        $bodies = [];
        foreach ($kit->parts as $part) {
            if ($part->supply === Provision::Factory && $part->place->body !== null) {
                $bodies[] = $part->place->body;
            }
        }

        return $bodies;
    }

    /**
     * Moves steps that are no soldering of the sequence: an IC, a wire.
     *
     * @param list<list<Task>> $tasks
     * @param list<OrderOverride> $overrides
     * @return list<list<Task>>
     */
    private function moveOthers(array $tasks, array $overrides): array
    {
        foreach ($overrides as $override) {
            $mine = $rest = [];
            foreach ($tasks as $step) {
                $own = array_values(
                    array_filter(
                        $step,
                        static fn(Task $task): bool => !$task->isSequenced() &&
                            in_array($task->action, [Action::Insert, Action::Place, Action::Solder], true) &&
                            array_intersect($task->parts, $override->parts) !== [],
                    ),
                );
                array_push($mine, ...$own);
                $others = array_values(
                    array_filter($step, static fn(Task $task): bool => !in_array($task, $own, true)),
                );
                if ($others !== []) {
                    $rest[] = $others;
                }
            }
            if ($mine === []) {
                continue;
            }
            $at = 0;
            foreach ($rest as $index => $step) {
                foreach ($step as $task) {
                    $at = array_intersect($task->parts, $override->after) !== [] ? $index + 1 : $at;
                }
            }
            array_splice($rest, $at, 0, [$mine]);
            $tasks = $rest;
        }

        return $tasks;
    }

    /**
     * @param list<list<Task>> $tasks
     * @return list<Rule>
     */
    private function broken(array $tasks, Precedence $precedence): array
    {
        $at = [];
        foreach ($tasks as $index => $step) {
            foreach ($step as $task) {
                $at[$task->id] = $index;
            }
        }

        return array_values(
            array_filter(
                $precedence->rules,
                static fn(Rule $rule): bool => isset($at[$rule->before], $at[$rule->after]) &&
                    $at[$rule->before] >= $at[$rule->after],
            ),
        );
    }

    /** @param list<list<int>> $steps */
    private function brokenSteps(array $steps, StepLimits $limits): int
    {
        return count(array_filter($steps, static fn(array $step): bool => !$limits->allows($step)));
    }

    /**
     * @param list<list<Task>> $tasks
     * @return list<Step>
     */
    private function steps(Kit $kit, array $tasks, Holding $holding, StepReasons $reasons): array
    {
        $steps = [];
        $facts = new StepFacts($kit);
        $joints = new JointFacts($kit);
        $cautions = Cautions::for($kit);
        $powered = false;
        $block = null;
        $fitted = $new = $this->factoryFitted($kit);
        $table = null;
        $snapped = [];
        $overridden = array_merge(
            ...array_map(static fn(OrderOverride $each): array => $each->parts, $kit->choices->order),
            ...[[]],
        );
        $riders = Riders::of($kit, $tasks);
        foreach ($tasks as $index => $step) {
            $first = $step[0];
            $names = array_merge(...array_map(static fn(Task $task): array => $task->parts, $step));
            if ($first->action === Action::Snap) {
                $snapped[] = $first->what;
                $table = null;
            }
            if ($first->isSequenced() || $first->action === Action::Insert) {
                foreach ($names as $name) {
                    $body = $kit->part($name)?->place->body;
                    if ($body !== null) {
                        $fitted[] = $new[] = $body;
                    }
                }
            }
            $lie = null;
            if ($first->isSequenced()) {
                [$lie, $table] = $holding->next(
                    $table,
                    (string) $first->face?->board,
                    $first->face->side ?? Side::Top,
                    $new,
                    $fitted,
                    $snapped,
                );
                $new = [];
            }
            $parts = array_map(fn(string $name): StepPart => $reasons->part($name, $first, $holding, $lie), $names);
            $prop = $this->prop($kit, $lie, $parts, (string) $first->face?->board);
            // One block is enough to have at hand; where it does not fit, a holder does better than a second one.
            $block ??= $prop?->height;
            $levels = $prop !== null && abs($prop->height - (float) $block) <= self::ONE_BLOCK;
            $steps[] = new Step(
                count($steps) + 1,
                $first,
                $parts,
                array_values(array_intersect($names, $overridden)),
                new StepWork(
                    $lie,
                    $levels ? $prop : null,
                    $facts->joints($step),
                    $facts->minutes($step),
                    $joints->of($step),
                    $facts->source($step),
                    $cautions->of($first->action->work($names, $kit), $names, $powered),
                    $prop !== null && !$levels,
                ),
                $riders[$index] ?? [],
            );
            $powered = $powered || $first->action === Action::Gate;
        }

        return $steps;
    }

    /**
     * What levels a board that lies on the table on its tallest parts; a holder needs nothing, nor do bent or splayed leads.
     *
     * @param list<StepPart> $parts
     */
    private function prop(Kit $kit, ?Lie $lie, array $parts, string $board): ?Prop
    {
        $bench = $kit->choices->settings->bench;
        $stiff = array_filter($parts, static fn(StepPart $part): bool => $part->hold->needsLevel());

        return $lie === null ||
            $stiff === [] ||
            $bench->workholding !== Workholding::Table ||
            $bench->solderFrom === SolderFrom::Front
            ? null
            : Prop::under($lie, $kit->board($board)->outline ?? new Polygon([]), $this->restsOn($kit, $lie));
    }
}
