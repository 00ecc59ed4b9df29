<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Action;
use Chiralex\Build\Precedence;
use Chiralex\Build\Rule;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Before;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/**
 * An early gate pulls its needs forward: all other soldering of the same boards waits for it, as far as nothing needs it before.
 * What comes before the gate is known only when all other fixed rules are: the socket of an IC that it needs, for one.
 */
final readonly class EarlyGateRules
{
    /**
     * @param Precedence $known all other fixed rules
     * @return list<Rule>
     */
    public function rules(Kit $kit, TaskBook $book, Precedence $known): array
    {
        $rules = [];
        foreach ($kit->work->gates as $gate) {
            if ($gate->early) {
                array_push($rules, ...$this->of($gate, $kit, $book, Precedence::of([...$known->rules, ...$rules])));
            }
        }

        return $rules;
    }

    /** @return list<Rule> */
    private function of(Gate $gate, Kit $kit, TaskBook $book, Precedence $known): array
    {
        $wanted = $this->wanted(Verb::Gate->of($gate->name), $known);
        $boards = [];
        foreach (array_keys($wanted) as $task) {
            $boards[$book->tasks[$task]->face->board ?? ''] = true;
        }
        $earlier = array_map(
            static fn(Before $pair): ?string => $book->finish($pair->first),
            $kit->work->groups->assembly->before,
        );
        $rules = [];
        foreach ($book->sequenced() as $task) {
            if (
                !isset($wanted[$task->id]) &&
                isset($boards[$task->face->board ?? '']) &&
                $task->action === Action::Solder &&
                !in_array($task->id, $earlier, true)
            ) {
                $rules[] = new Rule(
                    Verb::Gate->of($gate->name),
                    $task->id,
                    new Reason('order.gate-early', ['gate' => $gate->name], Origin::KitFile),
                    true,
                );
            }
        }

        return $rules;
    }

    /** @return array<string, true> the gate and all that comes before it */
    private function wanted(string $gate, Precedence $known): array
    {
        $wanted = [];
        $queue = [$gate];
        while ($queue !== []) {
            $task = array_pop($queue);
            $wanted[$task] = true;
            foreach ($known->predecessors($task) as $before => $rule) {
                if (!isset($wanted[$before])) {
                    $queue[] = (string) $before;
                }
            }
        }

        return $wanted;
    }
}
