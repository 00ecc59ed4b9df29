<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/**
 * Which orders ship when, from what is on hand and what is to come: each in its turn gets the earliest day that is left to it, and
 * takes what comes latest until then, so that what is on hand earlier is left to those behind. No piece is promised twice, and no order
 * behind moves one before it. An order that cannot be filled whole takes nothing.
 */
final readonly class Promises
{
    /**
     * @param list<array<int, int>> $orders in their turn: article to how many are still to ship
     * @param list<Arrival> $arrivals in any order
     * @return list<Promise> as the orders
     */
    public static function of(array $orders, array $arrivals): array
    {
        $left = [];
        usort($arrivals, static fn(Arrival $a, Arrival $b): int => $a->day <=> $b->day);
        foreach ($arrivals as $arrival) {
            $left[$arrival->article][] = [$arrival->day, $arrival->quantity, $arrival->from];
        }

        return array_map(static function (array $order) use (&$left): Promise {
            $wanted = array_filter($order, static fn(int $quantity): bool => $quantity > 0);
            $missing = array_filter(self::missing($wanted, $left), static fn(int $quantity): bool => $quantity > 0);
            if ($missing !== []) {
                return new Promise(null, [], $missing);
            }
            $days = [];
            foreach ($wanted as $article => $quantity) {
                $days[$article] = self::dayOf($quantity, $left[$article]);
            }
            $day = max([0, ...array_column($days, 0)]);
            foreach ($wanted as $article => $quantity) {
                self::take($quantity, $day, $left[$article]);
            }
            $from = array_filter($days, static fn(array $at): bool => $at[0] === $day && $at[1] !== '');

            return new Promise($day, array_values(array_unique(array_column($from, 1))), []);
        }, $orders);
    }

    /**
     * @param array<int, int> $wanted
     * @param array<int, list<array{int, int, string}>> $left
     * @return array<int, int>
     */
    private static function missing(array $wanted, array $left): array
    {
        $missing = [];
        foreach ($wanted as $article => $quantity) {
            $missing[$article] = $quantity - array_sum(array_column($left[$article] ?? [], 1));
        }

        return $missing;
    }

    /**
     * @param list<array{int, int, string}> $arrivals the earliest first, together enough
     * @return array{int, string} the day on which there are enough, and what brings the last of them
     */
    private static function dayOf(int $quantity, array $arrivals): array
    {
        foreach ($arrivals as [$day, $there, $from]) {
            $quantity -= $there;
            if ($quantity <= 0) {
                return [$day, $from];
            }
        }

        return [0, ''];
    }

    /** @param list<array{int, int, string}> $arrivals the earliest first */
    private static function take(int $quantity, int $day, array &$arrivals): void
    {
        for ($at = count($arrivals) - 1; $at >= 0 && $quantity > 0; --$at) {
            $taken = $arrivals[$at][0] <= $day ? min($quantity, $arrivals[$at][1]) : 0;
            $arrivals[$at][1] -= $taken;
            $quantity -= $taken;
        }
    }
}
