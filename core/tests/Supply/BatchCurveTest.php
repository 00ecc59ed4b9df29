<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Buying\BatchCurve;
use Chiralex\Supply\Buying\BuyingPlanner;
use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;
use PHPUnit\Framework\TestCase;

final class BatchCurveTest extends TestCase
{
    public function test_a_break_and_free_shipping_make_all_cheaper_with_one_kit_more(): void
    {
        $market = new Market('EUR', [new Supplier('Reedwire', 'EUR', 500, 1000)], [Rate::same()]);
        $lines = [['pieces' => 1, 'tariffs' => [self::tariff(0, [1 => '1.00', 8 => '0.90'])]]];
        $curve = BatchCurve::of($market, $lines, 1, 12);
        // 7 for 7.00 or 8 for 7.20, and 5.00: from 12 on 10.80 ships free.
        self::assertSame(1200, $curve[7]);
        self::assertSame(1220, $curve[8]);
        self::assertSame(1490, $curve[11]);
        self::assertSame(1080, $curve[12]);
    }

    public function test_it_is_never_cheaper_than_the_exact_plan_and_equal_where_no_line_is_split(): void
    {
        mt_srand(4);
        $equal = 0;
        for ($round = 0; $round < 30; ++$round) {
            $suppliers = $lines = [];
            for ($at = 0; $at < 3; ++$at) {
                $suppliers[] = new Supplier(
                    "S{$at}",
                    'EUR',
                    mt_rand(0, 600),
                    mt_rand(0, 1) === 1 ? mt_rand(500, 3000) : null,
                );
            }
            for ($line = 0; $line < 5; ++$line) {
                $tariffs = [];
                for ($at = 0; $at < 3; ++$at) {
                    $price = mt_rand(2, 90) / 100;
                    $tariffs[] = self::tariff($at, [1 => (string) $price, 50 => (string) round($price * 0.8, 4)]);
                }
                $lines[] = ['pieces' => mt_rand(1, 4), 'tariffs' => $tariffs];
            }
            $market = new Market('EUR', $suppliers, [Rate::same(), Rate::same(), Rate::same()]);
            $kits = mt_rand(1, 40);
            $plan = (new BuyingPlanner())->plan(
                $market,
                array_map(
                    static fn(array $each): Demand => new Demand(['X'], 'X', $kits * $each['pieces'], $each['tariffs']),
                    $lines,
                ),
            );
            $curve = BatchCurve::of($market, $lines, $kits, $kits)[$kits];
            self::assertGreaterThanOrEqual($plan->total, $curve);
            $equal += $curve === $plan->total ? 1 : 0;
        }
        self::assertGreaterThan(20, $equal);
    }

    public function test_a_batch_that_nobody_sells_enough_for_has_no_cost(): void
    {
        $market = new Market('EUR', [new Supplier('Reedwire', 'EUR')], [Rate::same()]);
        $few = Tariff::with(0, [['from' => 1, 'price' => BigDecimal::of('0.10')]], 1, 1, 4);
        self::assertSame(
            [1 => 20, 2 => 40, 3 => null],
            BatchCurve::of($market, [['pieces' => 2, 'tariffs' => [$few]]], 1, 3),
        );
    }

    /** @param array<int, string> $breaks */
    private static function tariff(int $supplier, array $breaks): Tariff
    {
        return Tariff::with(
            $supplier,
            array_map(
                static fn(int $from, string $price): array => ['from' => $from, 'price' => BigDecimal::of($price)],
                array_keys($breaks),
                array_values($breaks),
            ),
        );
    }
}
