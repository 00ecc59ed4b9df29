<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Internal\Jigs;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Panel;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Panel moves: place loose, panel as jig, finger nuts, one pin each, all pins; plastic bodies last; the rest of the side before. */
final readonly class PanelRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach (Jigs::of($kit)->panels as $panel) {
            $by = $panel->by;
            $moves = array_values(
                array_filter(
                    [Verb::Place->of($by), Verb::Jig->of($by), Verb::Nuts->of($by), Verb::Tack->of($by)],
                    static fn(string $move): bool => isset($book->tasks[$move]),
                ),
            );
            $reason = new Reason('order.panel-moves', ['panel' => $by], Origin::CommonPractice);
            for ($i = 0; $i + 1 < count($moves); ++$i) {
                $rules[] = new Rule($moves[$i], $moves[$i + 1], $reason);
            }
            foreach ($panel->parts as $name) {
                $solder = $book->solder($name);
                if ($solder === null) {
                    continue;
                }
                $rules[] = new Rule(Verb::Tack->of($by), $solder, $reason);
                if (in_array($name, $panel->plasticLast, true)) {
                    array_push($rules, ...$this->plasticLast($name, $panel, $book));
                }
            }
            array_push($rules, ...$this->restFirst($panel, $book));
        }

        return $rules;
    }

    /** @return list<Rule> */
    private function plasticLast(string $plastic, Panel $panel, TaskBook $book): array
    {
        $rules = [];
        foreach (array_diff($panel->parts, $panel->plasticLast) as $other) {
            $before = $book->solder($other);
            if ($before !== null) {
                $rules[] = new Rule(
                    $before,
                    (string) $book->solder($plastic),
                    new Reason('order.plastic-last', ['panel' => $panel->by], Origin::CommonPractice),
                );
            }
        }

        return $rules;
    }

    /**
     * The panel closes the side, so what else is soldered there comes first, but for what the maker puts after.
     *
     * @return list<Rule>
     */
    private function restFirst(Panel $panel, TaskBook $book): array
    {
        $place = $book->tasks[Verb::Place->of($panel->by)] ?? null;
        $rules = [];
        foreach ($book->sequenced() as $task) {
            if (
                $place !== null &&
                $task->face?->board === $place->face?->board &&
                $task->face?->side === $place->face?->side &&
                !in_array($task->parts[0] ?? '', $panel->parts, true)
            ) {
                $rules[] = new Rule(
                    $task->id,
                    $place->id,
                    new Reason('order.panel-closes', ['panel' => $panel->by], Origin::CommonPractice),
                    true,
                );
            }
        }

        return $rules;
    }
}
