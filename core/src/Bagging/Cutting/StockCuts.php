<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Cutting;

use Chiralex\Kit\CutStock;

/** How one stock is cut for a run of kits. */
final readonly class StockCuts
{
    /**
     * @param list<CutPieces> $pieces
     * @param int $bars that are cut
     * @param int $bound bars needed at least
     * @param list<BarPattern> $patterns the most used first
     * @param list<array{length: float, count: int}> $offcuts that are stock again: no shorter than the shortest piece
     */
    public function __construct(
        public CutStock $stock,
        public array $pieces,
        public int $bars,
        public int $bound,
        public array $patterns,
        public array $offcuts,
    ) {}

    public function isProved(): bool
    {
        return $this->bars === $this->bound;
    }
}
