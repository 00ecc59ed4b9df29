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

/** Adjust before the final cover, joint before its coverer, IC before what closes its socket. */
final readonly class CoverRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        $inSocket = [];
        foreach ($kit->parts as $part) {
            if ($part->place->socket !== null) {
                $inSocket[$part->place->socket] = $part->designator;
            }
        }
        foreach ($kit->work->groups->assembly->covers as $cover) {
            $jig = Verb::Jig->of($cover->by);
            $by = isset($book->tasks[$jig]) ? $jig : $book->begin($cover->by);
            if ($by === null) {
                continue;
            }
            foreach ($cover->over as $name) {
                foreach (
                    [
                        Verb::Adjust->of($name) => 'order.adjust-before-cover',
                        $book->solder($name) ?? '' => 'order.joint-before-cover',
                        Verb::Wire->of($name) => 'order.joint-before-cover',
                        Verb::Insert->of($inSocket[$name] ?? $name) => 'order.ic-before-cover',
                    ] as $task => $code
                ) {
                    if (
                        isset($book->tasks[$task]) &&
                        $task !== $by &&
                        !($code === 'order.adjust-before-cover' && $by === $jig)
                    ) {
                        $rules[] = new Rule(
                            $task,
                            $by,
                            new Reason($code, ['cover' => $cover->by, 'part' => $name], Origin::KitFile),
                            true,
                        );
                    }
                }
            }
        }

        return $rules;
    }
}
