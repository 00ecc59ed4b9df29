<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Score;
use Chiralex\Kit\School;

/**
 * Improves a constructed order: neighbouring steps of a few parts are ordered anew, exactly; steps and single parts are moved;
 * each is kept where the whole gets better. For boards that are too large for the exact search and small enough to wait for this.
 */
final readonly class Polished
{
    public const MOST = 16;
    /** A piece has so many parts at most, and so many sets of them to look at. */
    private const PIECE = 12;
    private const SETS = 64;
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
        $score = $this->score($steps);
        $solved = [];
        for ($pass = 0; $pass < self::PASSES; ++$pass) {
            $better = false;
            for ($from = 0; $from < count($steps) - 1; ++$from) {
                $length = $this->length($steps, $from);
                $piece = json_encode(
                    [array_slice($steps, 0, $from), array_slice($steps, $from, $length)],
                    JSON_THROW_ON_ERROR,
                );
                if ($length < 2 || isset($solved[$piece])) {
                    continue;
                }
                $solved[$piece] = true;
                [$tried, $triedScore] = $this->anew($steps, $from, $length);
                if ($triedScore->isBetterThan($score, $this->school)) {
                    [$steps, $score, $better] = [$tried, $triedScore, true];
                }
            }
            [$steps, $score, $moved] = $this->moves($steps, $score);
            if (!$better && !$moved) {
                break;
            }
        }

        return $steps;
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
                // What hangs takes a lie for each step; it is asked only where everything else leaves hope.
                if (!$this->keepsRules($tried) || !$this->score($tried, 0)->isBetterThan($score, $this->school)) {
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
        foreach ($steps as $a => $these) {
            foreach (array_slice($steps, $a + 1, preserve_keys: true) as $b => $those) {
                $joined = $steps;
                $joined[$a] = $this->items->sorted([...$these, ...$those]);
                unset($joined[$b]);
                yield array_values($joined);
                foreach ($these as $one) {
                    foreach ($those as $other) {
                        $tried = $steps;
                        $tried[$a] = $this->items->sorted([...array_values(array_diff($these, [$one])), $other]);
                        $tried[$b] = $this->items->sorted([...array_values(array_diff($those, [$other])), $one]);
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
     * How many steps from one on make a piece.
     *
     * @param list<list<int>> $steps
     */
    private function length(array $steps, int $from): int
    {
        $subset = $steps[$from] ?? [];
        $length = 1;
        while (
            isset($steps[$from + $length]) &&
            count($subset) + count($steps[$from + $length]) <= self::PIECE &&
            $this->costs->states([...$subset, ...$steps[$from + $length]]) <= self::SETS
        ) {
            array_push($subset, ...$steps[$from + $length]);
            ++$length;
        }

        return $length;
    }

    /**
     * The piece in its best order, the rest as it is.
     *
     * @param list<list<int>> $steps
     * @return array{list<list<int>>, Score}
     */
    private function anew(array $steps, int $from, int $length): array
    {
        $subset = array_merge(...array_slice($steps, $from, $length));
        sort($subset);
        $done = array_merge(...array_slice($steps, 0, $from), ...[[]]);
        $last = $done === [] ? null : $done[count($done) - 1];
        $reduced = $this->items->only($last === null ? $subset : [...$subset, $last]);
        $exact = new ExactOrder(
            $reduced,
            $this->costs->on($reduced, $done),
            new StepLimits($reduced, $this->costs, $this->school, $this->limits->group),
            $this->school,
            [],
            $last === null ? null : count($subset),
            $this->sides($done),
        );
        $anew = array_map(
            fn(array $step): array => $this->items->sorted(
                array_map(static fn(int $index): int => $subset[$index], $step),
            ),
            $exact->steps(),
        );
        $tried = [...array_slice($steps, 0, $from), ...$anew, ...array_slice($steps, $from + $length)];

        return [$tried, $this->score($tried)];
    }

    /**
     * @param list<list<int>> $steps
     * @param ?int $hanging taken as so many, or null to count them
     */
    private function score(array $steps, ?int $hanging = null): Score
    {
        $score = (new Scorer($this->items, $this->costs))->score($steps, hanging: $hanging);
        $sides = $this->sides(array_merge(...$steps, ...[[]]));
        $turns = count(
            array_filter(
                $this->endSides,
                static fn(string $side, string $board): bool => ($sides[$board] ?? $side) !== $side,
                ARRAY_FILTER_USE_BOTH,
            ),
        );

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
