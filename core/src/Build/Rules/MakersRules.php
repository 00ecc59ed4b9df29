<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** The maker's own facts: `before`, sub-assemblies bolted before their parts are soldered, fixings before what they hold. */
final readonly class MakersRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach ($kit->work->groups->assembly->before as $pair) {
            $before = $book->finish($pair->first);
            $after = $book->begin($pair->then);
            if ($before !== null && $after !== null) {
                $rules[] = new Rule(
                    $before,
                    $after,
                    new Reason('order.maker-before', ['first' => $pair->first, 'then' => $pair->then], Origin::KitFile),
                    true,
                );
            }
        }
        foreach ($kit->work->groups->assembly->subassemblies as $names) {
            $bolt = Verb::Bolt->of(implode('+', $names));
            foreach ($names as $name) {
                $task = $book->finish($name);
                if ($task !== null && $task !== $bolt) {
                    $rules[] = new Rule(
                        $bolt,
                        $task,
                        new Reason('order.subassembly', ['parts' => $names], Origin::CommonPractice),
                    );
                }
            }
        }
        foreach ($kit->work->groups->assembly->fixings as $fixing) {
            $by = $book->finish($fixing->by);
            foreach ($fixing->holds as $name) {
                $held = $book->begin($name);
                if ($by !== null && $held !== null && $by !== $held) {
                    $rules[] = new Rule(
                        $by,
                        $held,
                        new Reason('order.fixing', ['by' => $fixing->by, 'holds' => $name], Origin::KitFile),
                        true,
                    );
                }
            }
        }

        return $rules;
    }
}
