<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply\Buying;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Tariff;
use Chiralex\Supply\Internal\LineOptions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The cheapest way of one line against every legal order of two suppliers. */
final class LineOptionsTest extends TestCase
{
    public function test_two_orders_meet_where_their_multiples_do(): void
    {
        $fives = self::tariff(0, [[10, 32]], 5);
        $ones = self::tariff(1, [[1, 40], [10, 32]], 1, 20);
        self::assertSame(36 * 32, self::cheapest(new Demand(['R1'], 'R1', 36, [$fives, $ones])));
    }

    #[DataProvider('seeds')]
    public function test_no_split_of_two_suppliers_is_cheaper(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        for ($round = 0; $round < 40; ++$round) {
            $tariffs = [];
            foreach ([0, 1] as $supplier) {
                $price = $random->getInt(20, 60);
                $breaks = [[1, $price]];
                foreach ([10, 25, 50] as $from) {
                    if ($random->getInt(0, 1) === 1) {
                        $price = max(1, $price - $random->getInt(1, 8));
                        $breaks[] = [$from, $price];
                    }
                }
                $tariffs[] = self::tariff(
                    $supplier,
                    $breaks,
                    [1, 2, 3, 5, 10][$random->getInt(0, 4)],
                    $random->getInt(0, 2) > 0 ? $random->getInt(10, 60) : null,
                );
            }
            $demand = new Demand(['R1'], 'R1', $random->getInt(1, 80), $tariffs);
            self::assertSame(self::tried($demand), self::cheapest($demand), "seed {$seed}, round {$round}");
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    private static function cheapest(Demand $demand): ?int
    {
        $costs = array_map(static fn($option): int => array_sum($option->goods), LineOptions::of($demand));

        return $costs === [] ? null : min($costs);
    }

    private static function tried(Demand $demand): ?int
    {
        $best = null;
        [$first, $second] = $demand->tariffs;
        foreach (self::legal($first) as $one => $price) {
            foreach (self::legal($second) as $two => $other) {
                if ($one + $two >= $demand->needed && ($best === null || $price + $other < $best)) {
                    $best = $price + $other;
                }
            }
        }

        return $best;
    }

    /** @return array<int, int> pieces to cost, none ordered among them */
    private static function legal(Tariff $tariff): array
    {
        $orders = [0 => 0];
        for ($pieces = 1; $pieces <= 120; ++$pieces) {
            if ($tariff->legal($pieces) === $pieces) {
                $orders[$pieces] = $tariff->cost($pieces);
            }
        }

        return $orders;
    }

    /** @param non-empty-list<array{int, int}> $breaks from, and the price in minor units */
    private static function tariff(int $supplier, array $breaks, int $multiple, ?int $available = null): Tariff
    {
        return Tariff::with(
            $supplier,
            array_map(
                static fn(array $each): array => [
                    'from' => $each[0],
                    'price' => BigDecimal::ofUnscaledValue($each[1], 2),
                ],
                $breaks,
            ),
            $multiple,
            $multiple,
            $available,
        );
    }
}
