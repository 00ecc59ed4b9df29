<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply\Buying;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Buying\SpareLine;
use Chiralex\Supply\Buying\SparesPlanner;
use PHPUnit\Framework\TestCase;

final class SparesPlannerTest extends TestCase
{
    public function test_the_cheapest_spares_are_those_that_trying_all_finds(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 60; ++$round) {
            $lines = [];
            for ($line = 0; $line < 4; ++$line) {
                $lines[] = self::line(mt_rand(1, 12), mt_rand(1, 60) / 1000, (string) (mt_rand(1, 400) / 100));
            }
            $target = mt_rand(900, 995) / 1000;
            $plan = SparesPlanner::plan($lines, $target);
            self::assertTrue($plan->isProved);
            self::assertGreaterThanOrEqual($target - 1e-12, $plan->probability);
            self::assertEqualsWithDelta(self::least($lines, $target), $plan->cost->toFloat(), 1e-9, "round {$round}");
        }
    }

    public function test_a_kit_that_is_sure_enough_needs_none_and_one_that_loses_nothing_neither(): void
    {
        self::assertSame([0], SparesPlanner::plan([self::line(2, 0.01, '0.10')], 0.98)->spares);
        self::assertSame([1], SparesPlanner::plan([self::line(2, 0.01, '0.10')], 0.981)->spares);
        self::assertSame(
            [0, 0],
            SparesPlanner::plan([self::line(5, 0.0, '1'), self::line(1, 0.0, '2')], 0.999)->spares,
        );
        self::assertSame([], SparesPlanner::plan([], 0.95)->spares);
    }

    public function test_sixty_lines_are_proved(): void
    {
        mt_srand(4);
        $lines = [];
        for ($line = 0; $line < 60; ++$line) {
            $lines[] = self::line(mt_rand(1, 20), mt_rand(1, 10) / 1000, (string) (mt_rand(1, 300) / 100));
        }
        self::assertTrue(SparesPlanner::plan($lines, 0.95)->isProved);
    }

    private static function line(int $pieces, float $loss, string $cost): SpareLine
    {
        return new SpareLine(2, ['R1'], $pieces, $loss, BigDecimal::of($cost));
    }

    /** @param list<SpareLine> $lines */
    private static function least(array $lines, float $target): float
    {
        $least = INF;
        for ($code = 0; $code < 6 ** 4; ++$code) {
            $chance = $cost = 0.0;
            foreach ($lines as $at => $line) {
                $spares = intdiv($code, 6 ** $at) % 6;
                $chance += $line->goodWith($spares);
                $cost += $spares * $line->unitCost->toFloat();
            }
            $least = exp($chance) >= $target - 1e-12 ? min($least, $cost) : $least;
        }

        return $least;
    }
}
