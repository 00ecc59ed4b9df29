<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Score;

/** Scores a sequence of soldering steps. */
final readonly class Scorer
{
    public function __construct(private Items $items, private Costs $costs) {}

    /**
     * @param list<list<int>> $steps
     * @param ?int $hanging counted already, or null to count here
     */
    public function score(array $steps, int $violations = 0, ?int $hanging = null): Score
    {
        $inversions = $alike = $hangs = $flips = $blocks = $kinds = $values = 0;
        $done = [];
        $lastSide = [];
        $last = null;
        foreach (array_filter($steps) as $step) {
            $sorted = $this->items->sorted($step);
            [$b, $k, $v] = $this->costs->switches($last, $sorted);
            [$blocks, $kinds, $values] = [$blocks + $b, $kinds + $k, $values + $v];
            $last = $sorted[count($sorted) - 1];
            $alike += $this->items->lookAlikesIn($step);
            $hangs += $hanging === null ? $this->costs->hanging($step, $done) : 0;
            $inversions += $this->inversions($step, $done);
            // A step lies on one side of one board.
            $board = $this->items->board($step[0]);
            $side = $this->items->side($step[0]);
            $flips += ($lastSide[$board] ?? $side) === $side ? 0 : 1;
            $lastSide[$board] = $side;
            array_push($done, ...$step);
        }

        return new Score(
            $violations,
            $inversions,
            $alike,
            $hanging ?? $hangs,
            $flips,
            $blocks,
            $kinds,
            $values,
            count($steps),
        );
    }

    /**
     * @param list<int> $step
     * @param list<int> $done
     */
    private function inversions(array $step, array $done): int
    {
        $count = 0;
        $heights = $this->items->heights;
        foreach ($step as $low) {
            $limit = $heights[$low] + Costs::INVERSION;
            foreach ($done as $high) {
                if ($heights[$high] > $limit && $this->costs->inverts($high, $low)) {
                    ++$count;
                }
            }
        }

        return $count;
    }
}
