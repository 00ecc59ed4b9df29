<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Fifo;
use Chiralex\Supply\LotOnHand;
use Chiralex\Supply\Taken;
use PHPUnit\Framework\TestCase;

/** First in, first out, worked out by hand. */
final class FifoTest extends TestCase
{
    public function test_the_oldest_lot_goes_first_and_each_piece_costs_what_its_lot_cost(): void
    {
        $taken = Fifo::take(self::lots(), BigDecimal::of(130));

        // 100 at 0.0125 and 30 at 0.02.
        self::assertSame(['1: 100', '2: 30'], self::told($taken));
        self::assertTrue($taken->cost()->isEqualTo('1.85'));
        self::assertTrue($taken->short->isZero());
    }

    public function test_what_no_lot_has_is_short_and_held_lots_are_passed_over(): void
    {
        $taken = Fifo::take(
            [...self::lots(), self::lot(4, '500', '0.01', '2026-01-01', true)],
            BigDecimal::of('150.5'),
        );

        self::assertSame(['1: 100', '2: 50'], self::told($taken));
        self::assertTrue($taken->short->isEqualTo('0.5'));
    }

    public function test_lots_of_one_day_go_in_the_order_of_their_numbers_and_nothing_takes_nothing(): void
    {
        $lots = [self::lot(8, '5', '1', '2026-03-01'), self::lot(7, '5', '1', '2026-03-01')];

        self::assertSame(['7: 5', '8: 1'], self::told(Fifo::take($lots, BigDecimal::of(6))));
        self::assertSame([], self::told(Fifo::take($lots, BigDecimal::zero())));
    }

    /** @return list<LotOnHand> */
    private static function lots(): array
    {
        return [
            self::lot(2, '50', '0.02', '2026-03-02'),
            self::lot(3, '0', '0.5', '2026-01-01'),
            self::lot(1, '100', '0.0125', '2026-02-01'),
        ];
    }

    private static function lot(int $lot, string $quantity, string $cost, string $day, bool $isHeld = false): LotOnHand
    {
        return new LotOnHand($lot, BigDecimal::of($quantity), BigDecimal::of($cost), $day, $isHeld);
    }

    /** @return list<string> */
    private static function told(Fifo $taken): array
    {
        return array_map(static fn(Taken $each): string => "{$each->lot}: {$each->quantity}", $taken->taken);
    }
}
