<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\School;
use Chiralex\Build\Score;

/**
 * Improves a constructed order: neighbouring steps of a few parts are ordered anew, exactly; steps and single parts are moved;
 * each is kept where the whole gets better. For boards that are too large for the exact search and small enough to wait for this.
 */
final readonly class Polished
{
    public const MOST = 18;
    /** A piece has so many parts at most, and so many sets of them to look at. */
    private const PIECE = 12;
    private const SETS = 64;
    /** The last pass looks wider, on boards of up to so many parts. */
    private const WIDE = 256;
    private const WIDE_MOST = 16;
    private const PASSES = 3;

    /** @param array<string, string> $endSides board to the side its ICs go in on */
    public function __construct(
        private Items $items,
        private Costs $costs,
        private StepLimits $limits,
        private School $school,
        private array $endSides,
    ) {}

    /**
     * @param list<list<int>> $steps
     * @return list<list<int>>
     */
    public function steps(array $steps): array
    {
        [$steps, $score] = $this->passes($steps, $this->score($steps), self::SETS, self::PASSES);

        return $this->items->count() > self::WIDE_MOST ? $steps : $this->passes($steps, $score, self::WIDE, 1)[0];
    }

    /**
     * @param list<list<int>> $steps
     * @return array{list<list<int>>, Score}
     */
    private function passes(array $steps, Score $score, int $sets, int $most): array
    {
        for ($pass = 0; $pass < $most; ++$pass) {
            $better = false;
            for ($from = 0; $from < count($steps) - 1; ++$from) {
                [$tried, $triedScore] = $this->piece($steps, $from, $score, $sets);
                if ($triedScore->isBetterThan($score, $this->school)) {
                    [$steps, $score, $better] = [$tried, $triedScore, true];
                }
            }
            [$steps, $score, $moved] = $this->moves($steps, $score);
            if (!$better && !$moved) {
                break;
            }
        }

        return [$steps, $score];
    }

    /**
     * The first step or part that stands better elsewhere, again and again.
     *
     * @param list<list<int>> $steps
     * @return array{list<list<int>>, Score, bool}
     */
    private function moves(array $steps, Score $score): array
    {
        $any = false;
        do {
            $better = false;
            foreach ($this->neighbours($steps) as $tried) {
                if (!$this->keepsRules($tried)) {
                    continue;
                }
                $new = $this->score($tried);
                if ($new->isBetterThan($score, $this->school)) {
                    [$steps, $score, $better, $any] = [$tried, $new, true, true];
                    break;
                }
            }
        } while ($better);

        return [$steps, $score, $any];
    }

    /**
     * @param list<list<int>> $steps
     * @return iterable<list<list<int>>>
     */
    private function neighbours(array $steps): iterable
    {
        foreach ($steps as $from => $step) {
            $rest = $steps;
            array_splice($rest, $from, 1);
            for ($to = 0; $to <= count($rest); ++$to) {
                if ($to !== $from) {
                    yield [...array_slice($rest, 0, $to), $step, ...array_slice($rest, $to)];
                }
            }
        }
        foreach ($steps as $from => $step) {
            foreach ($step as $item) {
                $without = $steps;
                $without[$from] = array_values(array_diff($step, [$item]));
                $without = array_values(array_filter($without, static fn(array $each): bool => $each !== []));
                foreach ($without as $to => $other) {
                    $into = $without;
                    $into[$to] = $this->items->sorted([...$other, $item]);
                    yield $into;
                    yield [...array_slice($without, 0, $to), [$item], ...array_slice($without, $to)];
                }
                yield [...$without, [$item]];
            }
        }
        yield from $this->exchanges($steps);
    }

    /**
     * Two parts of different steps in each other's place, and neighbouring steps in one.
     *
     * @param list<list<int>> $steps
     * @return iterable<list<list<int>>>
     */
    private function exchanges(array $steps): iterable
    {
        for ($a = 0; $a < count($steps); ++$a) {
            for ($b = $a + 1; $b < count($steps); ++$b) {
                $joined = $steps;
                $joined[$a] = $this->items->sorted([...$steps[$a], ...$steps[$b]]);
                array_splice($joined, $b, 1);
                yield $joined;
                foreach ($steps[$a] as $one) {
                    foreach ($steps[$b] as $other) {
                        $tried = $steps;
                        $tried[$a] = $this->items->sorted([...array_values(array_diff($steps[$a], [$one])), $other]);
                        $tried[$b] = $this->items->sorted([...array_values(array_diff($steps[$b], [$other])), $one]);
                        yield $tried;
                    }
                }
            }
        }
    }

    /** @param list<list<int>> $steps */
    private function keepsRules(array $steps): bool
    {
        $done = [];
        foreach ($steps as $step) {
            if (!$this->limits->allows($step)) {
                return false;
            }
            foreach ($step as $item) {
                if (array_diff_key($this->items->before[$item], $done) !== []) {
                    return false;
                }
            }
            $done += array_fill_keys($step, true);
        }

        return true;
    }

    /**
     * @param list<list<int>> $steps
     * @return array{list<list<int>>, Score}
     */
    private function piece(array $steps, int $from, Score $score, int $sets): array
    {
        $subset = $steps[$from] ?? [];
        $length = 1;
        while (isset($steps[$from + $length]) && count($subset) + count($steps[$from + $length]) <= self::PIECE && $this->costs->states([...$subset, ...$steps[$from + $length]]) <= $sets) {
            array_push($subset, ...$steps[$from + $length]);
            ++$length;
        }
        if ($length < 2) {
            return [$steps, $score];
        }
        sort($subset);
        $done = array_merge(...array_slice($steps, 0, $from), ...[[]]);
        $last = $done === [] ? null : $done[count($done) - 1];
        $reduced = $this->items->only($last === null ? $subset : [...$subset, $last]);
        $exact = new ExactOrder($reduced, $this->costs->on($reduced, $done), new StepLimits($reduced, $this->costs, $this->school, $this->limits->group), $this->school, [], $last === null ? null : count($subset), $this->sides($done));
        $anew = array_map(fn(array $step): array => $this->items->sorted(array_map(static fn(int $index): int => $subset[$index], $step)), $exact->steps());
        $tried = [...array_slice($steps, 0, $from), ...$anew, ...array_slice($steps, $from + $length)];

        return [$tried, $this->score($tried)];
    }

    /** @param list<list<int>> $steps */
    private function score(array $steps): Score
    {
        $score = (new Scorer($this->items, $this->costs))->score($steps);
        $sides = $this->sides(array_merge(...$steps, ...[[]]));
        $turns = count(array_filter($this->endSides, static fn(string $side, string $board): bool => ($sides[$board] ?? $side) !== $side, ARRAY_FILTER_USE_BOTH));

        return $score->with($turns);
    }

    /**
     * @param list<int> $done
     * @return array<string, string> board to the side it lies on last
     */
    private function sides(array $done): array
    {
        $sides = [];
        foreach ($done as $item) {
            $sides[$this->items->board($item)] = $this->items->side($item)->value;
        }

        return $sides;
    }
}
