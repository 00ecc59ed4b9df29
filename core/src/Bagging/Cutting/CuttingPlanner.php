<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Cutting;

use Chiralex\Bagging\Internal\BarProblem;
use Chiralex\Bagging\Internal\BarSolver;
use Chiralex\Bagging\Internal\CutDemand;
use Chiralex\Kit\CutStock;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Winding;

/**
 * Cuts for a run of kits with the fewest bars: pieces l1..lk fit a bar of length L if sum(li + loss) <= L + loss, so the last piece
 * may end flush.
 */
final readonly class CuttingPlanner
{
    /** Lengths are told apart to a thousandth of their unit. */
    private const FINEST = 1000;

    /** @param int $kits 1 or more */
    public function plan(Kit $kit, int $kits): CuttingPlan
    {
        $demand = CutDemand::of($kit);
        $stocks = [];
        foreach ($kit->work->workshop->cutting->stocks as $place => $stock) {
            $pieces = $demand->pieces($place, $kits);
            if ($pieces !== []) {
                $stocks[] = $this->cut($stock, $pieces);
            }
        }

        return new CuttingPlan(
            $kits,
            $stocks,
            array_values(
                array_filter(
                    $kit->work->workshop->cutting->windings,
                    static fn(Winding $winding): bool => ($part = $kit->part($winding->part)) === null ||
                        $kit->holds($part),
                ),
            ),
            $demand->faults,
            $demand->unlisted,
        );
    }

    /** @param non-empty-list<CutPieces> $pieces the longest first */
    private function cut(CutStock $stock, array $pieces): StockCuts
    {
        $whole = static fn(float $length): int => (int) round($length * self::FINEST);
        $problem = BarProblem::of(
            $whole($stock->length) + $whole($stock->loss),
            array_map(static fn(CutPieces $each): int => $whole($each->length) + $whole($stock->loss), $pieces),
            array_map(static fn(CutPieces $each): int => $each->count, $pieces),
        );
        ['bars' => $bars, 'bound' => $bound] = (new BarSolver())->solve($problem);
        $patterns = $this->patterns($stock, $pieces, $bars);
        $shortest = min(array_map(static fn(CutPieces $each): float => $each->length, $pieces));
        $offcuts = [];
        foreach ($patterns as $pattern) {
            if ($pattern->waste >= $shortest) {
                $key = (string) $pattern->waste;
                $offcuts[$key] = [
                    'length' => $pattern->waste,
                    'count' => ($offcuts[$key]['count'] ?? 0) + $pattern->times,
                ];
            }
        }

        return new StockCuts($stock, $pieces, count($bars), $bound, $patterns, array_values($offcuts));
    }

    /**
     * @param non-empty-list<CutPieces> $pieces
     * @param list<list<int>> $bars
     * @return list<BarPattern> the most used first, then those that waste least
     */
    private function patterns(CutStock $stock, array $pieces, array $bars): array
    {
        $times = $alike = [];
        foreach ($bars as $bar) {
            $key = implode(',', $bar);
            $times[$key] = ($times[$key] ?? 0) + 1;
            $alike[$key] = $bar;
        }
        $patterns = [];
        foreach ($alike as $key => $bar) {
            $lengths = [];
            foreach ($bar as $size => $count) {
                array_push($lengths, ...array_fill(0, $count, $pieces[$size]->length));
            }
            $used = array_sum($lengths) + count($lengths) * $stock->loss;
            $patterns[] = new BarPattern($times[$key], $lengths, max(0.0, round($stock->length - $used, 6)));
        }
        usort(
            $patterns,
            static fn(BarPattern $a, BarPattern $b): int => $b->times <=> $a->times ?:
            $a->waste <=> $b->waste ?:
            $b->pieces <=> $a->pieces,
        );

        return $patterns;
    }
}
