<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Trade\Arrival;
use Chiralex\Trade\Promise;
use Chiralex\Trade\Promises;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PromisesTest extends TestCase
{
    private const FROST_BELL = 1;
    private const KILN_WATCH = 2;

    /**
     * @param list<array<int, int>> $orders
     * @param list<Arrival> $arrivals
     * @param list<string> $told
     */
    #[DataProvider('rows')]
    public function test_each_order_in_its_turn_gets_the_earliest_day_that_is_left(
        array $orders,
        array $arrivals,
        array $told,
    ): void {
        self::assertSame($told, array_map(self::say(...), Promises::of($orders, $arrivals)));
    }

    /** @return iterable<string, array{list<array<int, int>>, list<Arrival>, list<string>}> */
    public static function rows(): iterable
    {
        $hand = static fn(int $quantity, int $article = self::FROST_BELL): Arrival => new Arrival(
            $article,
            0,
            $quantity,
        );
        $run = static fn(int $day, int $quantity, int $article = self::FROST_BELL): Arrival => new Arrival(
            $article,
            $day,
            $quantity,
            "run {$day}",
        );
        $bells = static fn(int ...$quantities): array => array_map(
            static fn(int $quantity): array => [self::FROST_BELL => $quantity],
            array_values($quantities),
        );
        yield 'nothing is wanted' => [[[]], [], ['0']];
        yield 'just enough' => [$bells(3), [$hand(3)], ['0']];
        yield 'one too few' => [$bells(4), [$hand(3)], ['never, 1 × 1']];
        yield 'five that each could ship do not all' => [
            $bells(20, 20, 20, 20, 4),
            [$hand(70)],
            ['0', '0', '0', 'never, 10 × 1', '0'],
        ];
        yield 'the first waits for a run, those behind get what is on hand' => [
            $bells(8, 5),
            [$hand(5), $run(2, 8)],
            ['2, run 2', '0'],
        ];
        yield 'one behind may not take what the first needs today' => [
            $bells(5, 5),
            [$hand(5), $run(2, 5)],
            ['0', '2, run 2'],
        ];
        yield 'an order of two articles ships when the later is there, and leaves what is on hand' => [
            [[self::FROST_BELL => 2, self::KILN_WATCH => 1], ...$bells(2)],
            [$hand(2), $run(3, 2), $run(5, 1, self::KILN_WATCH)],
            ['5, run 5', '0'],
        ];
        yield 'of two runs the one that brings the last is named' => [
            $bells(6),
            [$run(1, 3), $run(4, 3)],
            ['4, run 4'],
        ];
        yield 'an order that is never filled takes nothing from those behind' => [
            [[self::FROST_BELL => 1, self::KILN_WATCH => 1], ...$bells(1)],
            [$hand(1)],
            ['never, 1 × 2', '0'],
        ];
    }

    public function test_days_are_those_of_a_search_that_only_counts(): void
    {
        $random = new Randomizer(new Mt19937(22));
        for ($round = 0; $round < 300; ++$round) {
            $orders = $arrivals = [];
            for ($n = $random->getInt(1, 7); $n > 0; --$n) {
                $orders[] = array_filter([1 => $random->getInt(0, 4), 2 => $random->getInt(0, 3)]);
            }
            for ($n = $random->getInt(0, 7); $n > 0; --$n) {
                $arrivals[] = new Arrival($random->getInt(1, 2), $random->getInt(0, 4), $random->getInt(0, 6));
            }
            self::assertSame(
                self::counted($orders, $arrivals),
                array_map(static fn(Promise $promise): ?int => $promise->day, Promises::of($orders, $arrivals)),
            );
        }
    }

    /**
     * The first day for each order in its turn on which, until every day, no more of an article is promised than has come by then.
     *
     * @param list<array<int, int>> $orders
     * @param list<Arrival> $arrivals
     * @return list<?int>
     */
    private static function counted(array $orders, array $arrivals): array
    {
        $promised = $days = [];
        foreach ($orders as $order) {
            $found = null;
            for ($day = 0; $day <= 4 && $found === null; ++$day) {
                $found = self::fits([...$promised, [$day, $order]], $arrivals) ? $day : null;
            }
            if ($found !== null) {
                $promised[] = [$found, $order];
            }
            $days[] = $found;
        }

        return $days;
    }

    /**
     * @param list<array{int, array<int, int>}> $promised
     * @param list<Arrival> $arrivals
     */
    private static function fits(array $promised, array $arrivals): bool
    {
        for ($until = 0; $until <= 4; ++$until) {
            foreach ([1, 2] as $article) {
                $come = $gone = 0;
                foreach ($arrivals as $arrival) {
                    $come += $arrival->article === $article && $arrival->day <= $until ? $arrival->quantity : 0;
                }
                foreach ($promised as [$day, $order]) {
                    $gone += $day <= $until ? $order[$article] ?? 0 : 0;
                }
                if ($gone > $come) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function say(Promise $promise): string
    {
        $missing = [];
        foreach ($promise->missing as $article => $quantity) {
            $missing[] = "{$quantity} × {$article}";
        }

        return implode(', ', [$promise->day ?? 'never', ...$promise->from, ...$missing]);
    }
}
