<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Brick\Math\BigDecimal;

/** First in, first out: the lot received first is used first, and each piece costs what its lot cost. */
final readonly class Fifo
{
    /**
     * @param list<Taken> $taken lot by lot
     * @param BigDecimal $short what no lot had
     */
    private function __construct(public array $taken, public BigDecimal $short) {}

    /**
     * @param list<LotOnHand> $lots in any order; held ones and empty ones are passed over
     * @param BigDecimal $quantity 0 or more
     */
    public static function take(array $lots, BigDecimal $quantity): self
    {
        $lots = array_filter(
            $lots,
            static fn(LotOnHand $lot): bool => !$lot->isHeld && $lot->quantity->isGreaterThan(0),
        );
        usort(
            $lots,
            static fn(LotOnHand $a, LotOnHand $b): int => $a->received <=> $b->received ?: $a->lot <=> $b->lot,
        );
        $taken = [];
        foreach ($lots as $lot) {
            if (!$quantity->isGreaterThan(0)) {
                break;
            }
            $part = $lot->quantity->isLessThan($quantity) ? $lot->quantity : $quantity;
            $taken[] = new Taken($lot->lot, $part, $part->multipliedBy($lot->unitCost));
            $quantity = $quantity->minus($part);
        }

        return new self($taken, $quantity);
    }

    public function cost(): BigDecimal
    {
        return array_reduce(
            $this->taken,
            static fn(BigDecimal $sum, Taken $each): BigDecimal => $sum->plus($each->cost),
            BigDecimal::zero(),
        );
    }
}
