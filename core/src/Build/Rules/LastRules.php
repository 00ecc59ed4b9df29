<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\LastTests;
use Chiralex\Build\Precedence;
use Chiralex\Build\Rule;
use Chiralex\Build\Task;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/**
 * The end of a build: all work on the circuit, the test that it does what it is for, the box, the test once more, the knobs.
 * What the circuit needs of the box stays where the other rules put it.
 */
final readonly class LastRules
{
    /** @return list<Rule> */
    public function rules(Kit $kit, TaskBook $book, Precedence $known): array
    {
        $finished = $book->tasks[Verb::Try->of(LastTests::FINISHED)] ?? null;
        $box = $this->boxWork($kit, $book, $known);
        $rules = $kit->nature->boardless ? $this->chassis($kit, $book) : $this->closing($kit, $box);
        if ($finished === null) {
            return $rules;
        }
        $boxed = $book->tasks[Verb::Try->of(LastTests::BOXED)] ?? null;
        foreach ($book->tasks as $task) {
            if ($task->verb === Verb::Try) {
                continue;
            }
            $knob = $this->kind($task, $kit) === Kind::Knob;
            $rules[] =
                (isset($box[$task->id]) && !$kit->nature->boardless) || $knob
                    ? $this->rule($finished->id, $task->id, 'order.box-after-test')
                    : $this->rule($task->id, $finished->id, 'order.finished');
            if ($boxed !== null && (isset($box[$task->id]) || $knob)) {
                $rules[] = $knob
                    ? $this->rule($boxed->id, $task->id, 'order.knobs-last')
                    : $this->rule($task->id, $boxed->id, 'order.boxed');
            }
        }
        if ($boxed !== null) {
            $rules[] = $this->rule($finished->id, $boxed->id, 'order.boxed');
        }

        return $rules;
    }

    /**
     * Work on the box that no other work waits for.
     *
     * @return array<string, Task> by id
     */
    private function boxWork(Kit $kit, TaskBook $book, Precedence $known): array
    {
        $box = array_filter(
            $book->tasks,
            fn(Task $task): bool => in_array($task->verb, [Verb::Cover, Verb::Fix], true) ||
                ($task->verb === Verb::Fit && LastTests::isBoxWork($kit->part($task->parts[0] ?? ''))),
        );

        return array_filter(
            $box,
            static fn(Task $task): bool => array_diff_key($known->reachable($task->id), $box) === [],
        );
    }

    /**
     * Feet, standoffs and what sits in the case before the case is closed.
     *
     * @param array<string, Task> $box
     * @return list<Rule>
     */
    private function closing(Kit $kit, array $box): array
    {
        $closes = fn(Task $task): bool => $task->verb === Verb::Cover || $this->kind($task, $kit) === Kind::Enclosure;
        $rules = [];
        foreach (array_filter($box, $closes) as $lid) {
            foreach ($box as $task) {
                if (!$closes($task) && !in_array($this->kind($task, $kit), [Kind::Knob, Kind::Label], true)) {
                    $rules[] = $this->rule($task->id, $lid->id, 'order.before-lid');
                }
            }
        }

        return $rules;
    }

    /** @return list<Rule> the case first, then its feet, then what sits in it, then the wires */
    private function chassis(Kit $kit, TaskBook $book): array
    {
        $fits = array_filter($book->tasks, static fn(Task $task): bool => $task->verb === Verb::Fit);
        $rules = [];
        foreach ($fits as $task) {
            $mounted = $kit->part($task->parts[0] ?? '')?->place->inCase === true;
            foreach ($fits as $case) {
                $first = in_array($this->kind($case, $kit), [Kind::Enclosure, Kind::Panel, Kind::Feet], true);
                if ($mounted && $first) {
                    $rules[] = $this->rule($case->id, $task->id, 'order.chassis-first');
                }
            }
            foreach ($mounted ? $kit->work->wires : [] as $wire) {
                if (in_array($task->parts[0] ?? '', array_map(static fn($end) => $end->part, $wire->ends()), true)) {
                    $rules[] = new Rule(
                        $task->id,
                        Verb::Wire->of($wire->name),
                        new Reason('order.wire', ['wire' => $wire->name], Origin::CommonPractice),
                    );
                }
            }
        }

        return $rules;
    }

    private function kind(Task $task, Kit $kit): ?Kind
    {
        return $kit->part($task->parts[0] ?? '')?->kind();
    }

    private function rule(string $before, string $after, string $code): Rule
    {
        return new Rule($before, $after, new Reason($code, [], Origin::CommonPractice), true);
    }
}
