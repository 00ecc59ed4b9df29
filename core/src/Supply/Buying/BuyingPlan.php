<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/** What to order where, and how sure it is that nothing is cheaper; amounts in minor units of the shop's currency. */
final readonly class BuyingPlan
{
    /**
     * @param list<Demand> $demands every line
     * @param list<array<int, int>> $orders of each line, supplier to pieces
     * @param int $total of what could be planned
     * @param int $bound nothing that meets the demand costs less
     * @param list<?NextBest> $nextBest of each line
     * @param list<int> $noOffer places of lines that nobody sells enough of
     */
    public function __construct(
        public Market $market,
        public array $demands,
        public array $orders,
        public int $total,
        public int $bound,
        public array $nextBest,
        public array $noOffer,
    ) {}

    public function isProved(): bool
    {
        return $this->total === $this->bound;
    }

    /** Goods of a supplier, in their currency; null where nothing is ordered from them. */
    public function goods(int $supplier): ?int
    {
        $goods = null;
        foreach ($this->orders as $line => $orders) {
            if (isset($orders[$supplier])) {
                $goods = ($goods ?? 0) + ($this->demands[$line]->tariff($supplier)?->cost($orders[$supplier]) ?? 0);
            }
        }

        return $goods;
    }
}
