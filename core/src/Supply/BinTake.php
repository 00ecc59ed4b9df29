<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Brick\Math\BigDecimal;

/**
 * What is taken from a bin: from the lots that lie in it, the oldest first; when they are used up by the book, from the others on hand,
 * which were filled in unseen; and at last from the newest in the bin, below nought, so that a run never stops for a wrong count.
 */
final readonly class BinTake
{
    /**
     * @param list<array{lot: int, quantity: BigDecimal}> $taken
     * @param ?BigDecimal $missing what no lot can answer for, where the part has none at all
     */
    private function __construct(public array $taken, public ?BigDecimal $missing) {}

    /**
     * @param list<LotOnHand> $bin lots in the bin
     * @param list<LotOnHand> $others of the same part
     */
    public static function of(array $bin, array $others, BigDecimal $quantity): self
    {
        $first = Fifo::take($bin, $quantity);
        $then = Fifo::take($others, $first->short);
        $sums = [];
        foreach ([...$first->taken, ...$then->taken] as $each) {
            $sums[$each->lot] = $each->quantity;
        }
        if ($then->short->isGreaterThan(0)) {
            $usable = array_filter([...$others, ...$bin], static fn(LotOnHand $lot): bool => !$lot->isHeld);
            $last = array_reduce(
                $usable,
                static fn(?LotOnHand $newest, LotOnHand $lot): LotOnHand => $newest === null ||
                [$lot->received, $lot->lot] > [$newest->received, $newest->lot]
                    ? $lot
                    : $newest,
            );
            if ($last === null) {
                return new self([], $then->short);
            }
            $sums[$last->lot] = ($sums[$last->lot] ?? BigDecimal::zero())->plus($then->short);
        }

        return new self(
            array_map(
                static fn(int $lot, BigDecimal $sum): array => ['lot' => $lot, 'quantity' => $sum],
                array_keys($sums),
                array_values($sums),
            ),
            null,
        );
    }
}
