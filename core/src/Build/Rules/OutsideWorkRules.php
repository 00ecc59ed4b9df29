<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Action;
use Chiralex\Build\Internal\TestNeeds;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Test;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Cures, boards to snap off, adjusting, and wires to parts on the board. */
final readonly class OutsideWorkRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        return [
            ...$this->cures($kit, $book),
            ...$this->snaps($kit, $book),
            ...$this->adjusting($kit, $book),
            ...$this->wires($kit, $book),
        ];
    }

    /** @return list<Rule> */
    private function cures(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach ($kit->work->groups->cures as $cure) {
            $task = Verb::Cure->of($cure->name);
            $reason = new Reason('order.cure', ['cure' => $cure->name, 'hours' => $cure->hours], Origin::KitFile);
            foreach ($cure->of as $name) {
                $fitted = $book->finish($name);
                if ($fitted !== null && $fitted !== $task) {
                    $rules[] = $cure->beforeFitting
                        ? new Rule($task, $fitted, $reason, true)
                        : new Rule($fitted, $task, $reason, true);
                }
            }
            foreach ($cure->blocks as $name) {
                $blocked = $book->finish($name);
                if (
                    $blocked !== null &&
                    $blocked !== $task &&
                    !(!$cure->beforeFitting && in_array($name, $cure->of, true))
                ) {
                    $rules[] = new Rule($task, $blocked, $reason, true);
                }
            }
        }

        return $rules;
    }

    /** @return list<Rule> */
    private function snaps(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach ($kit->work->groups->assembly->snapOffs as $snap) {
            $reason = new Reason('order.snap', ['board' => $snap->board], Origin::KitFile);
            foreach ($book->sequenced() as $task) {
                if ($task->face?->board === $snap->board) {
                    $rules[] = new Rule($task->id, Verb::Snap->of($snap->board), $reason);
                }
            }
            foreach ($snap->before as $name) {
                $after = $book->begin($name);
                if ($after !== null) {
                    $rules[] = new Rule(Verb::Snap->of($snap->board), $after, $reason, true);
                }
            }
        }

        return $rules;
    }

    /** @return list<Rule> */
    private function adjusting(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach ($kit->work->tests as $test) {
            $adjust = $test->adjusts === null ? null : $book->tasks[Verb::Adjust->of($test->adjusts)] ?? null;
            if ($adjust === null) {
                continue;
            }
            $part = $book->finish((string) $test->adjusts);
            if ($part !== null && $part !== $adjust->id) {
                $rules[] = new Rule(
                    $part,
                    $adjust->id,
                    new Reason('order.adjust', ['part' => (string) $test->adjusts], Origin::KitFile),
                );
            }
            array_push($rules, ...$this->adjustNeeds($test, $adjust->id, $kit, $book));
            if ($test->gate !== null && isset($book->tasks[Verb::Gate->of($test->gate)])) {
                $rules[] = new Rule(
                    Verb::Gate->of($test->gate),
                    $adjust->id,
                    new Reason('order.adjust-at-gate', ['gate' => $test->gate], Origin::KitFile),
                );
            }
        }

        return $rules;
    }

    /**
     * What an adjustment reads or works with; without a gate it waits for all wires too, for it is made on the finished circuit.
     *
     * @return list<Rule>
     */
    private function adjustNeeds(Test $test, string $adjust, Kit $kit, TaskBook $book): array
    {
        $needs = (new TestNeeds($kit))->of($test);
        foreach ($test->gate === null ? $kit->work->wires : [] as $wire) {
            $needs += [$wire->name => 'joins'];
        }
        $rules = [];
        foreach ($needs as $name => $why) {
            $task = $kit->part((string) $name)?->place->inCase === true ? null : $book->finish((string) $name);
            if ($task !== null && $task !== $adjust && $name !== $test->adjusts) {
                $rules[] = new Rule(
                    $task,
                    $adjust,
                    new Reason(
                        "order.test-{$why}",
                        ['test' => $test->name, 'part' => (string) $name],
                        Origin::Computed,
                    ),
                    true,
                );
            }
        }

        return $rules;
    }

    /** @return list<Rule> */
    private function wires(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach ($kit->work->wires as $wire) {
            foreach ($wire->ends() as $end) {
                $part = $book->finish($end->part);
                if (
                    $part !== null &&
                    ($book->tasks[$part]->action ?? null) === Action::Solder &&
                    $part !== Verb::Wire->of($wire->name)
                ) {
                    $rules[] = new Rule(
                        $part,
                        Verb::Wire->of($wire->name),
                        new Reason('order.wire', ['wire' => $wire->name], Origin::CommonPractice),
                    );
                }
            }
        }

        return $rules;
    }
}
