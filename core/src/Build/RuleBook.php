<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Build\Internal\Weakness;
use Chiralex\Build\Rules\ApproachRules;
use Chiralex\Build\Rules\CoverRules;
use Chiralex\Build\Rules\EarlyGateRules;
use Chiralex\Build\Rules\GateRules;
use Chiralex\Build\Rules\LastRules;
use Chiralex\Build\Rules\MakersRules;
use Chiralex\Build\Rules\MateRules;
use Chiralex\Build\Rules\OppositeSideRules;
use Chiralex\Build\Rules\OutsideWorkRules;
use Chiralex\Build\Rules\PanelRules;
use Chiralex\Build\Rules\SocketRules;
use Chiralex\Build\Rules\UnderBodyRules;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/**
 * Collects the fixed rules, then adds what depends on them: a socketed IC comes after all soldered parts of its board, and a
 * part that a taller one would close in comes before it where that contradicts nothing.
 */
final readonly class RuleBook
{
    /** @param list<Rule> $leftOut rules that are not to hold */
    public function precedence(Kit $kit, TaskBook $book, array $leftOut = []): Precedence
    {
        $rules = [];
        foreach (
            [
                new SocketRules(),
                new GateRules(),
                new MakersRules(),
                new PanelRules(),
                new MateRules(),
                new CoverRules(),
                new OppositeSideRules(),
                new UnderBodyRules(),
                new OutsideWorkRules(),
            ] as $source
        ) {
            array_push($rules, ...$source->rules($kit, $book));
        }
        $stands = static fn(Rule $rule): bool => !self::isAmong($rule, $leftOut);
        $rules = array_values(array_filter($rules, $stands));
        $early = (new EarlyGateRules())->rules($kit, $book, Precedence::of($rules));
        array_push($rules, ...array_filter($early, $stands));
        array_push($rules, ...$this->insertLast($kit, $book, Precedence::of($rules)));
        array_push($rules, ...(new LastRules())->rules($kit, $book, Precedence::of($rules)));

        $guessed = [];
        $fixed = Precedence::of($rules);
        $weakness = new Weakness($kit);
        for ($circle = $fixed->cycle(); $circle !== []; $circle = $fixed->cycle()) {
            $weakest = $weakness->weakest($circle);
            if ($weakest === null) {
                return $fixed;
            }
            $guessed[] = $weakest;
            $rules = array_values(array_filter($rules, static fn(Rule $rule): bool => $rule !== $weakest));
            $fixed = Precedence::of($rules);
        }
        [$derived, $dropped] = (new ApproachRules())->derive($kit, $book, $fixed);

        return Precedence::of([...$rules, ...$derived], new GivenUp($dropped, $guessed));
    }

    /**
     * A gate that needs the IC brings it forward; a part that has to follow the IC is left out.
     *
     * @return list<Rule>
     */
    private function insertLast(Kit $kit, TaskBook $book, Precedence $known): array
    {
        $rules = $needed = [];
        foreach ($kit->work->gates as $gate) {
            foreach ($gate->needs as $name) {
                $needed[$name] = true;
            }
        }
        foreach ($kit->parts as $part) {
            $insert = $book->tasks[Verb::Insert->of($part->designator)] ?? null;
            if ($insert === null || $part->place->socket === null || isset($needed[$part->designator])) {
                continue;
            }
            $follows = $known->reachable($insert->id);
            foreach ($book->sequenced() as $task) {
                if ($task->face?->board === $insert->face?->board && !isset($follows[$task->id])) {
                    $rules[] = new Rule(
                        $task->id,
                        $insert->id,
                        new Reason('order.ic-last', ['ic' => $part->designator], Origin::CommonPractice),
                    );
                }
            }
        }

        return $rules;
    }

    /** @param list<Rule> $others */
    private static function isAmong(Rule $rule, array $others): bool
    {
        foreach ($others as $other) {
            if (
                [$rule->before, $rule->after, $rule->reason->code] === [
                    $other->before,
                    $other->after,
                    $other->reason->code,
                ]
            ) {
                return true;
            }
        }

        return false;
    }
}
