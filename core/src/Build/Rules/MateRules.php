<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Internal\Mates;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Parts that plug together: set in their holes, plugged, one pin each, then all pins; what else their boards carry comes first. */
final readonly class MateRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $mates = Mates::of($kit);
        $all = array_merge(...array_map(static fn(Mates $mate): array => $mate->parts, $mates), ...[[]]);
        $rules = [];
        foreach ($mates as $mate) {
            [$plug, $tack] = [Verb::Plug->of($mate->name()), Verb::Tack->of($mate->name())];
            $reason = new Reason('order.mates', ['parts' => $mate->parts], Origin::CommonPractice);
            $rules[] = new Rule($plug, $tack, $reason);
            foreach ($mate->parts as $name) {
                $rules[] = new Rule($tack, (string) $book->solder($name), $reason);
            }
            array_push($rules, ...$this->restFirst($mate, $all, $book));
        }

        return $rules;
    }

    /**
     * Two boards that hang on each other are clumsy to turn over: what else is soldered to them comes before.
     *
     * @param list<string> $all parts of every pair
     * @return list<Rule>
     */
    private function restFirst(Mates $mate, array $all, TaskBook $book): array
    {
        $boards = [];
        foreach ($mate->parts as $name) {
            $boards[$book->tasks[(string) $book->solder($name)]->face->board ?? ''] = true;
        }
        $rules = [];
        foreach (count($boards) > 1 ? $book->sequenced() : [] as $task) {
            if (isset($boards[$task->face->board ?? '']) && array_intersect($task->parts, $all) === []) {
                $rules[] = new Rule(
                    $task->id,
                    Verb::Plug->of($mate->name()),
                    new Reason('order.mates-last', ['parts' => $mate->parts], Origin::CommonPractice),
                    true,
                );
            }
        }

        return $rules;
    }
}
