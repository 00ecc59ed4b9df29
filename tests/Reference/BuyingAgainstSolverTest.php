<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Supply\Buying\BuyingPlanner;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The cheapest plan against an integer program solved by glpsol (GNU GLPK): a whole number of multiples in each tier of each tariff. */
final class BuyingAgainstSolverTest extends TestCase
{
    public function test_plans_of_five_lines_and_three_suppliers_equal_the_solvers(): void
    {
        $random = new Randomizer(new Mt19937(22));
        $split = $free = 0;
        for ($round = 0; $round < 40; ++$round) {
            [$market, $demands, $rows] = BuyingModel::random($random, 5, 3);
            $plan = (new BuyingPlanner())->plan($market, $demands);
            if ($plan->noOffer !== []) {
                continue;
            }
            self::assertTrue($plan->isProved());
            self::assertSame(BuyingModel::solve($market, $demands, $rows), $plan->total, "round {$round}");
            foreach ($plan->orders as $orders) {
                $split += count($orders) > 1 ? 1 : 0;
            }
            foreach ($market->suppliers as $at => $supplier) {
                $goods = $plan->goods($at);
                $free += $goods !== null && $supplier->freeFrom !== null && $goods >= $supplier->freeFrom ? 1 : 0;
            }
        }
        self::assertGreaterThan(3, $split, 'some lines are split');
        self::assertGreaterThan(3, $free, 'some suppliers ship without cost');
    }
}
