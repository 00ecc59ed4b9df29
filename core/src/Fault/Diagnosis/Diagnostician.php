<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

use Chiralex\Fault\Internal\Gains;
use Chiralex\Fault\Internal\SetTable;

/**
 * Finds what is wrong from what was noticed and answered, and what to look at next: the largest expected fall of entropy a minute.
 *
 * Bayes' rule over sets of causes; the expected fall of entropy is the mutual information of the answer and the set (C. E. Shannon, Bell
 * System Technical Journal 27 (1948) 379-423).
 */
final readonly class Diagnostician
{
    /** Answers that are less likely together than this do not go together. */
    private const TOGETHER = 0.01;
    /** Chance that a meter shows what a suspect predicts. */
    private const FOUND = 0.85;
    /** A meter may go so many times as far as it should. */
    private const SCALE = 1.5;

    /** Checks that a round may begin with: a mail takes a day, so that minutes matter less than what is learnt. */
    private const TRIED = 8;

    public function __construct(private FaultModel $model) {}

    /**
     * @param string $symptom what is noticed
     * @param list<string> $works what is not: symptoms that the kit does not show
     * @param list<Answer> $answers the last of two to one check counts
     * @param list<string> $without instruments that are not there
     */
    public function diagnose(string $symptom, array $works = [], array $answers = [], array $without = []): Diagnosis
    {
        $last = [];
        foreach ($answers as $answer) {
            $last[$answer->check] = $answer;
        }
        $table = $this->noticed($symptom, $works);
        $before = $table->sum();
        foreach ($last as $answer) {
            $table = $this->answered($table, $answer);
        }
        $shares = $table->shares();
        $open = array_values(
            array_filter(
                $this->model->checks,
                static fn(Check $check): bool => !isset($last[$check->name]) &&
                    array_diff($check->after, array_keys($last)) === [] &&
                    ($check->instrument === '' || !in_array($check->instrument, $without, true)),
            ),
        );

        return new Diagnosis(
            $this->sets($table, $shares),
            $this->causes($table, $shares),
            $shares[0] ?? 0.0,
            (new Gains($table))->looks($open),
            $before > 0.0 && $table->sum() / $before < self::TOGETHER
                ? $this->contradiction($symptom, $works, $last)
                : [],
        );
    }

    /**
     * A round of a mail: three checks at most, the second by how the first came out; chosen by what they tell together.
     *
     * @param list<string> $works
     * @param list<Answer> $answers
     * @param list<string> $without
     * @return list<array{look: Look, good: ?Look, bad: ?Look}> one entry at most
     */
    public function round(string $symptom, array $works = [], array $answers = [], array $without = []): array
    {
        $best = [];
        $most = 0.0;
        foreach (array_slice($this->diagnose($symptom, $works, $answers, $without)->looks, 0, self::TRIED) as $look) {
            $then = [];
            $gain = $look->gain;
            foreach ([[Found::Good, 1.0 - $look->bad], [Found::Bad, $look->bad]] as [$found, $chance]) {
                $next = $this->diagnose(
                    $symptom,
                    $works,
                    [...$answers, Answer::of($look->check->name, $found)],
                    $without,
                );
                $then[$found->value] = $next->isSure() ? null : self::most($next->looks);
                $gain += $chance * ($then[$found->value]->gain ?? 0.0);
            }
            if ($gain > $most) {
                $most = $gain;
                $best = [['look' => $look, 'good' => $then['good'] ?? null, 'bad' => $then['bad'] ?? null]];
            }
        }

        return $best;
    }

    /** @param list<Look> $looks */
    private static function most(array $looks): ?Look
    {
        $best = null;
        foreach ($looks as $look) {
            $best = $best === null || $look->gain > $best->gain ? $look : $best;
        }

        return $best;
    }

    /** @param list<string> $works */
    private function noticed(string $symptom, array $works): SetTable
    {
        $chances = fn(string $name): array => array_map(
            static fn(Suspect $suspect): float => $suspect->notices[$name] ?? 1.0,
            $this->model->suspects,
        );
        $table = SetTable::of($this->model, $symptom)->seen($chances($symptom), true, 1.0);
        foreach (array_unique($works) as $other) {
            $table = $table->seen($chances($other), false);
        }

        return $table;
    }

    private function answered(SetTable $table, Answer $answer): SetTable
    {
        $check = $this->model->check($answer->check);
        if ($check === null || $answer->found === Found::Cannot) {
            return $table;
        }

        return $answer->reading === null
            ? $table->seen($table->badAt($check), $answer->found === Found::Bad)
            : $this->read($table, $check, $answer->reading);
    }

    /** The number a meter showed, against what each suspect would have it show: likely in a narrow range, less so anywhere. */
    private function read(SetTable $table, Check $check, float $reading): SetTable
    {
        $pass = $check->pass ?? ['low' => -INF, 'high' => INF];
        $ends = array_filter([$pass['low'], $pass['high'], $reading], is_finite(...));
        $all = self::SCALE * max([1e-9, ...array_map(abs(...), array_values($ends))]);
        $usual = self::width($pass, $all);
        $factors = array_map(static function (Suspect $suspect) use ($check, $reading, $pass, $all, $usual): float {
            $range = $suspect->reads[$check->name] ?? null;
            if ($range !== null) {
                return self::density($reading, $range, self::FOUND, $all) * $usual;
            }
            $bad = min(SetTable::MOST, max(SetTable::LEAST, $suspect->badAt($check)));

            return self::density($reading, $pass, 1.0 - $bad, $all) * $usual;
        }, $table->suspects);

        return $table->weighed($factors, self::density($reading, $pass, SetTable::MOST, $all) * $usual);
    }

    /**
     * @param array{low: float, high: float} $range
     * @param float $inside chance that the meter shows something in it; what is left lies anywhere
     * @param float $all how far a meter may go at all
     */
    private static function density(float $reading, array $range, float $inside, float $all): float
    {
        $isIn = $reading >= $range['low'] && $reading <= $range['high'];

        return ($isIn ? $inside / self::width($range, $all) : 0.0) + (1.0 - $inside) / $all;
    }

    /** @param array{low: float, high: float} $range */
    private static function width(array $range, float $all): float
    {
        return max(1e-9 * $all, min($range['high'], $all) - max($range['low'], -$all));
    }

    /**
     * @param list<float> $shares
     * @return list<array{causes: list<Suspect>, odds: float, probability: float}>
     */
    private function sets(SetTable $table, array $shares): array
    {
        $order = array_keys($shares);
        usort($order, static fn(int $a, int $b): int => $shares[$b] <=> $shares[$a] ?: $a <=> $b);

        return array_map(
            static fn(int $index): array => [
                'causes' => array_values(
                    array_map(
                        static fn(int $suspect): Suspect => $table->suspects[$suspect],
                        array_filter($table->sets[$index], static fn(int $suspect): bool => $suspect >= 0),
                    ),
                ),
                'odds' => $table->odds[$index],
                'probability' => $shares[$index],
            ],
            $order,
        );
    }

    /**
     * @param list<float> $shares
     * @return list<array{suspect: Suspect, probability: float}>
     */
    private function causes(SetTable $table, array $shares): array
    {
        $causes = array_map(
            static fn(Suspect $suspect, float $share): array => ['suspect' => $suspect, 'probability' => $share],
            $table->suspects,
            $table->bySuspect($shares),
        );
        usort(
            $causes,
            static fn(array $a, array $b): int => $b['probability'] <=> $a['probability'] ?:
            strcmp($a['suspect']->name, $b['suspect']->name),
        );

        return $causes;
    }

    /**
     * Answers of which one left out makes the others likely; all of them where no single one does.
     *
     * @param list<string> $works
     * @param array<string, Answer> $answers
     * @return list<string>
     */
    private function contradiction(string $symptom, array $works, array $answers): array
    {
        $odd = [];
        $start = $this->noticed($symptom, $works);
        foreach (array_keys($answers) as $left) {
            $table = $start;
            foreach ($answers as $name => $answer) {
                $table = $name === $left ? $table : $this->answered($table, $answer);
            }
            if ($table->sum() / $start->sum() >= self::TOGETHER) {
                $odd[] = (string) $left;
            }
        }

        return $odd === [] ? array_map(strval(...), array_keys($answers)) : $odd;
    }
}
