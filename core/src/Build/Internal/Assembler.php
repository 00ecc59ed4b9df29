<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Precedence;
use Chiralex\Build\Task;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;

/**
 * Puts all other work around the soldering steps: gates right after the last part they need, what a step waits for just
 * before it, long waits as soon as they can start, the rest last.
 */
final readonly class Assembler
{
    public function __construct(private TaskBook $book, private Precedence $precedence, private int $group) {}

    /**
     * @param list<list<string>> $soldering task ids, step by step
     * @return list<list<Task>> all steps in order
     */
    public function steps(array $soldering): array
    {
        $done = [];
        $steps = [];
        $this->eager($done, $steps);
        foreach ($soldering as $ids) {
            foreach ($ids as $id) {
                $this->demand($id, $done, $steps);
            }
            $tasks = [];
            foreach ($ids as $id) {
                $tasks[] = $this->book->tasks[$id];
                $done[$id] = true;
            }
            $steps[] = $tasks;
            $this->eager($done, $steps);
        }
        $this->rest($done, $steps);

        return $this->grouped($steps);
    }

    /**
     * Does what a task waits for and what is no soldering of the sequence.
     *
     * @param array<string, true> $done
     * @param list<list<Task>> $steps
     */
    private function demand(string $id, array &$done, array &$steps): void
    {
        foreach (array_keys($this->precedence->predecessors($id)) as $before) {
            $task = $this->book->tasks[$before] ?? null;
            if ($task === null || $task->isSequenced() || isset($done[$before])) {
                continue;
            }
            $done[$before] = true;
            $this->demand((string) $before, $done, $steps);
            $steps[] = [$task];
        }
    }

    /**
     * Gates, returns, adjustments and cures go as soon as their soldering is done.
     *
     * @param array<string, true> $done
     * @param list<list<Task>> $steps
     */
    private function eager(array &$done, array &$steps): void
    {
        do {
            $moved = false;
            foreach ($this->book->tasks as $id => $task) {
                $isEager = in_array($task->action, [Action::Gate, Action::Remove, Action::Cure, Action::Adjust], true);
                if (
                    !$isEager ||
                    isset($done[$id]) ||
                    !$this->solderingDone((string) $id, $done) ||
                    !$this->worthIt($task, $done)
                ) {
                    continue;
                }
                $done[$id] = true;
                $this->demand((string) $id, $done, $steps);
                $steps[] = [$task];
                $moved = true;
            }
        } while ($moved);
    }

    /**
     * An adjustment without a gate waits for the finished circuit; with one it follows the gate.
     *
     * @param array<string, true> $done
     */
    private function worthIt(Task $task, array $done): bool
    {
        if ($task->verb === Verb::Try) {
            return false;
        }
        if ($task->action !== Action::Adjust) {
            return !$this->isTacked($done);
        }
        foreach (array_keys($this->precedence->predecessors($task->id)) as $before) {
            if ($this->book->tasks[$before]->verb === Verb::Gate) {
                return isset($done[$before]);
            }
        }

        return false;
    }

    /**
     * Between tacking and soldering no test stands: the joints are not there yet.
     *
     * @param array<string, true> $done
     */
    private function isTacked(array $done): bool
    {
        foreach ($this->book->tasks as $id => $task) {
            if ($task->verb !== Verb::Tack || !isset($done[$id])) {
                continue;
            }
            foreach ($task->parts as $name) {
                if (!isset($done[(string) $this->book->solder($name)])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param array<string, true> $done */
    private function solderingDone(string $id, array $done): bool
    {
        $queue = [$id];
        $seen = [];
        while ($queue !== []) {
            foreach (array_keys($this->precedence->predecessors(array_pop($queue))) as $before) {
                $before = (string) $before;
                if (isset($seen[$before]) || isset($done[$before])) {
                    continue;
                }
                if (($this->book->tasks[$before] ?? null)?->isSequenced() === true) {
                    return false;
                }
                $seen[$before] = true;
                $queue[] = $before;
            }
        }

        return true;
    }

    /**
     * What is left, in topological order, by kind of work.
     *
     * @param array<string, true> $done
     * @param list<list<Task>> $steps
     */
    private function rest(array &$done, array &$steps): void
    {
        $left = array_filter($this->book->tasks, static fn(Task $task): bool => !isset($done[$task->id]));
        while ($left !== []) {
            $ready = array_filter(
                $left,
                fn(Task $task): bool => array_diff_key($this->precedence->predecessors($task->id), $done) === [],
            );
            if ($ready === []) {
                $ready = $left; // overrides broke a rule; it is reported
            }
            uasort(
                $ready,
                static fn(Task $a, Task $b): int => $a->action->lateRank() + $a->rank <=>
                $b->action->lateRank() + $b->rank ?:
                strnatcmp($a->id, $b->id),
            );
            $task = $ready[array_key_first($ready)];
            $done[$task->id] = true;
            unset($left[$task->id]);
            $steps[] = [$task];
        }
    }

    /**
     * Neighbouring inserts of one board, and neighbouring wires, make one step as far as the group allows and no rule stands between.
     *
     * @param list<list<Task>> $steps
     * @return list<list<Task>>
     */
    private function grouped(array $steps): array
    {
        $grouped = [];
        foreach ($steps as $step) {
            $last = $grouped === [] ? null : $grouped[count($grouped) - 1];
            if ($last !== null && $this->canJoin($last, $step)) {
                $grouped[count($grouped) - 1] = [...$last, ...$step];
            } else {
                $grouped[] = $step;
            }
        }

        return $grouped;
    }

    /**
     * @param list<Task> $last
     * @param list<Task> $step
     */
    private function canJoin(array $last, array $step): bool
    {
        [$a, $b] = [$last[0] ?? null, $step[0] ?? null];
        if (
            $a === null ||
            $b === null ||
            count($last) + count($step) > $this->group ||
            $a->isSequenced() ||
            $b->isSequenced() ||
            $a->action !== $b->action ||
            $a->face?->key() !== $b->face?->key()
        ) {
            return false;
        }
        $joins = self::isSameWork($a, $b);
        foreach ($last as $task) {
            foreach ($step as $next) {
                $joins = $joins && !isset($this->precedence->reachable($task->id)[$next->id]);
            }
        }

        return $joins;
    }

    private static function isSameWork(Task $a, Task $b): bool
    {
        return ($a->action === Action::Insert && $a->face?->board !== null) ||
            ($a->verb === Verb::Wire && $b->verb === Verb::Wire) ||
            ($a->verb === Verb::Fit && $b->verb === Verb::Fit && $a->what !== '' && $a->what === $b->what);
    }
}
