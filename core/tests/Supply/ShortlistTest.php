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

    public function test_whoever_waits_half_a_second_gets_a_plan_nearly_as_cheap(): void
    {
        mt_srand(17);
        for ($round = 0; $round < 6; ++$round) {
            $market = new Market(
                'EUR',
                [
                    new Supplier('one', 'EUR', 490, 5000),
                    new Supplier('two', 'EUR', 650, 8000, 1500),
                    new Supplier('three', 'EUR', 0, null, 2500),
                ],
                [Rate::same(), Rate::same(), Rate::same()],
            );
            $demands = [];
            for ($line = 0; $line < 12; ++$line) {
                $tariffs = array_map(
                    static fn(int $at): Tariff => self::tariff($at, sprintf('0.%03d', mt_rand(10, 90))),
                    [0, 1, 2],
                );
                $demands[] = new Demand(["X{$line}"], "X{$line}", mt_rand(5, 60), $tariffs);
            }
            $quick = (new BuyingPlanner(2_000))->plan($market, $demands);
            $whole = (new BuyingPlanner())->plan($market, $demands);
            self::assertLessThanOrEqual(1.02 * $whole->total, $quick->total);
            self::assertLessThanOrEqual($whole->total, $quick->bound);
        }
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
