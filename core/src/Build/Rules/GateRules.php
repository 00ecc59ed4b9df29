<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Internal\TestNeeds;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** A gate comes after what it needs and before what it protects; what it borrows is there while it lasts. */
final readonly class GateRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        $needs = new TestNeeds($kit);
        foreach ($kit->work->gates as $gate) {
            array_push(
                $rules,
                ...$this->needsAndProtects($gate, $book),
                ...$this->tested($gate, $kit, $book, $needs),
                ...$this->temporary($gate, $book),
            );
        }

        return $rules;
    }

    /** @return list<Rule> */
    private function needsAndProtects(Gate $gate, TaskBook $book): array
    {
        $rules = [];
        foreach ($gate->needs as $name) {
            $task = $book->finish($name);
            if ($task !== null && $task !== Verb::Gate->of($gate->name)) {
                $rules[] = new Rule(
                    $task,
                    Verb::Gate->of($gate->name),
                    new Reason('order.gate-needs', ['gate' => $gate->name, 'part' => $name], Origin::KitFile),
                    true,
                );
            }
        }
        foreach ($gate->protects as $name) {
            $task = $book->begin($name);
            if ($task !== null && $task !== Verb::Gate->of($gate->name)) {
                $rules[] = new Rule(
                    Verb::Gate->of($gate->name),
                    $task,
                    new Reason('order.gate-protects', ['gate' => $gate->name, 'part' => $name], Origin::KitFile),
                    true,
                );
            }
        }

        return $rules;
    }

    /**
     * What the tests of a gate read or work with, beyond what the maker says that it needs and protects.
     *
     * @return list<Rule>
     */
    private function tested(Gate $gate, Kit $kit, TaskBook $book, TestNeeds $needs): array
    {
        $known = [...$gate->needs, ...$gate->protects, ...array_map(fn($fit): ?string => $fit->part, $gate->temporary)];
        $rules = [];
        foreach ($kit->work->tests as $test) {
            if ($test->gate !== $gate->name) {
                continue;
            }
            foreach ($needs->of($test) as $name => $why) {
                $task = $kit->part((string) $name)?->place->inCase === true ? null : $book->finish((string) $name);
                if ($task === null || in_array((string) $name, $known, true) || $task === Verb::Gate->of($gate->name)) {
                    continue;
                }
                $known[] = (string) $name;
                $rules[] = new Rule(
                    $task,
                    Verb::Gate->of($gate->name),
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
    private function temporary(Gate $gate, TaskBook $book): array
    {
        $rules = [];
        foreach ($gate->temporary as $fit) {
            $reason = new Reason(
                'order.temporary',
                ['gate' => $gate->name, 'what' => $fit->name(), 'why' => $fit->why],
                Origin::KitFile,
            );
            $rules[] = new Rule(Verb::Lend->of("{$gate->name} {$fit->name()}"), Verb::Gate->of($gate->name), $reason);
            $return = Verb::Return->of("{$gate->name} {$fit->name()}");
            if (isset($book->tasks[$return])) {
                $rules[] = new Rule(Verb::Gate->of($gate->name), $return, $reason);
            }
            if ($fit->part !== null && $book->solder($fit->part) !== null) {
                $rules[] = new Rule(
                    $fit->soldered ? Verb::Gate->of($gate->name) : $return,
                    $book->solder($fit->part),
                    $reason,
                );
            }
        }

        return $rules;
    }
}
