<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bagging\Cutting\BarPattern;
use Chiralex\Bagging\Cutting\CutPieces;
use Chiralex\Bagging\Cutting\CuttingPlan;
use Chiralex\Bagging\Cutting\StockCuts;
use Chiralex\Kit\Winding;
use Chiralex\Reason\Reason;
use ChiralexRender\Words;

/**
 * The document of `cut`.
 *
 * @phpstan-type CutStockShape array{name: string, unit: string, length: float, loss: float, pieces: list<array{of: list<string>, length: float, count: int}>, bars: int, bound: int, proved: bool, patterns: list<array{times: int, pieces: list<float>, waste: float}>, offcuts: list<array{length: float, count: int}>}
 * @phpstan-type Cuts array{kits: int, stocks: list<CutStockShape>, windings: list<array{part: string, length: float}>, faults: list<string>, unlisted: list<string>}
 */
final readonly class CutDocument
{
    public function __construct(private Words $words) {}

    /** @return Cuts */
    public function of(CuttingPlan $plan): array
    {
        return [
            'kits' => $plan->kits,
            'stocks' => array_map($this->stock(...), $plan->stocks),
            'windings' => array_map(
                static fn(Winding $winding): array => [
                    'part' => $winding->part,
                    'length' => round($winding->length(), 4),
                ],
                $plan->windings,
            ),
            'faults' => array_map(fn(Reason $fault): string => $this->words->of($fault), $plan->faults),
            'unlisted' => $plan->unlisted,
        ];
    }

    /** @return CutStockShape */
    private function stock(StockCuts $cuts): array
    {
        return [
            'name' => $cuts->stock->name,
            'unit' => $cuts->stock->unit,
            'length' => $cuts->stock->length,
            'loss' => $cuts->stock->loss,
            'pieces' => array_map(
                static fn(CutPieces $each): array => [
                    'of' => $each->of,
                    'length' => $each->length,
                    'count' => $each->count,
                ],
                $cuts->pieces,
            ),
            'bars' => $cuts->bars,
            'bound' => $cuts->bound,
            'proved' => $cuts->isProved(),
            'patterns' => array_map(
                static fn(BarPattern $pattern): array => [
                    'times' => $pattern->times,
                    'pieces' => $pattern->pieces,
                    'waste' => $pattern->waste,
                ],
                $cuts->patterns,
            ),
            'offcuts' => $cuts->offcuts,
        ];
    }
}
