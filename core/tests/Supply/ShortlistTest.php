<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Buying\BuyingPlanner;
use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;
use Chiralex\Supply\Internal\Shortlist;
use PHPUnit\Framework\TestCase;

/** Where a hundred sell the same, a few are compared, and nobody says that nothing is cheaper. */
final class ShortlistTest extends TestCase
{
    public function test_below_its_limits_nothing_is_left_out(): void
    {
        [$market, $demands] = self::market(Shortlist::ALL, 3);
        self::assertTrue(Shortlist::of($market, $demands)->isWhole);
        [$market, $demands] = self::market(Shortlist::ALL + 1, 3);
        self::assertFalse(Shortlist::of($market, $demands)->isWhole);
    }

    public function test_a_hundred_suppliers_make_a_plan_that_names_the_right_ones_and_its_gap(): void
    {
        [$market, $demands] = self::market(100, 12);
        $plan = (new BuyingPlanner(BuyingPlanner::QUICK))->plan($market, $demands);
        self::assertSame([], $plan->noOffer);
        self::assertLessThanOrEqual($plan->total, $plan->bound);
        $total = 0;
        foreach ($market->suppliers as $at => $supplier) {
            $goods = $plan->goods($at);
            $total += $goods === null ? 0 : $goods + $supplier->shippingOf($goods);
        }
        self::assertSame($plan->total, $total, 'orders name suppliers by their place in the whole market');
    }

    public function test_a_line_that_only_a_stranger_sells_keeps_them(): void
    {
        [$market, $demands] = self::market(30, 6);
        $demands[] = new Demand(['X9'], 'X9', 5, [self::tariff(29, '9.00')]);
        $plan = (new BuyingPlanner(BuyingPlanner::QUICK))->plan($market, $demands);
        self::assertSame([29 => 5], $plan->orders[6]);
        self::assertSame([], $plan->noOffer);
    }

    /** @return array{Market, list<Demand>} */
    private static function market(int $suppliers, int $lines): array
    {
        mt_srand(9);
        $all = $rates = $demands = [];
        for ($at = 0; $at < $suppliers; ++$at) {
            $all[] = new Supplier("S{$at}", 'EUR', mt_rand(0, 600), 3000);
            $rates[] = Rate::same();
        }
        for ($line = 0; $line < $lines; ++$line) {
            $tariffs = [];
            for ($at = 0; $at < $suppliers; ++$at) {
                $tariffs[] = self::tariff($at, sprintf('0.%03d', mt_rand(20, 900)));
            }
            $demands[] = new Demand(["X{$line}"], "X{$line}", mt_rand(10, 90), $tariffs);
        }

        return [new Market('EUR', $all, $rates), $demands];
    }

    private static function tariff(int $supplier, string $price): Tariff
    {
        return Tariff::with($supplier, [['from' => 1, 'price' => BigDecimal::of($price)]]);
    }
}
