<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;

/**
 * The cheapest plan by branch and bound over the suppliers: each is used and paid for its shipping, used and free of it, or not used. With
 * that said, lines are coupled only by goods that have to reach a limit; `CoupledLines` settles those.
 *
 * @phpstan-type State array{best: ?list<array<int, int>>, rank: array{int, int, int}, open: float, cheapest: array<int, CheapestLines>, steps: int, nodes: int}
 */
final readonly class PlanSearch
{
    /** Sets of suppliers that are looked at; eight suppliers have fewer. */
    private const NODES = 30_000;

    /**
     * @param list<Demand> $demands that somebody sells enough of
     * @param list<list<LineOption>> $options of each
     * @param int $steps that are tried before the bound has to do
     */
    private function __construct(
        private Market $market,
        private array $demands,
        private array $options,
        private int $steps,
    ) {}

    /**
     * @param list<Demand> $demands
     * @param list<list<LineOption>> $options
     * @param int $steps that are tried before the bound has to do
     * @return ?array{orders: list<array<int, int>>, total: int, bound: int} null where no choice keeps all least orders
     */
    public static function cheapest(Market $market, array $demands, array $options, int $steps): ?array
    {
        $self = new self($market, $demands, $options, $steps);
        $state = [
            'best' => null,
            'rank' => [PHP_INT_MAX, 0, 0],
            'open' => INF,
            'cheapest' => [],
            'steps' => 0,
            'nodes' => 0,
        ];
        $self->branch(0, 0, 0, 0, $state);

        return $state['best'] === null
            ? null
            : [
                'orders' => $state['best'],
                'total' => $state['rank'][0],
                'bound' => (int) min($state['rank'][0], ceil($state['open'] - 1e-6)),
            ];
    }

    /**
     * @param int $at supplier to be decided next
     * @param int $used bits of those that are used
     * @param int $free bits of those of them that ship without cost
     * @param int $out bits of those that are not used
     * @param State $state
     */
    private function branch(int $at, int $used, int $free, int $out, array &$state): void
    {
        $all = (1 << count($this->market->suppliers)) - 1;
        $lines = $this->lines($all & ~$out, $state);
        if ($lines->cost === INF || $this->isBeaten($this->bound($lines->cost, $used, $free), $state)) {
            return;
        }
        if (++$state['nodes'] > self::NODES && $state['best'] !== null) {
            $state['open'] = min($state['open'], $this->bound($lines->cost, $used, $free) - 0.5 * $at);

            return;
        }
        if ($at === count($this->market->suppliers)) {
            $this->settle($lines, $used, $free, $state);

            return;
        }
        $supplier = $this->market->suppliers[$at];
        $bit = 1 << $at;
        $ways = [[$used, $free, $out | $bit], [$used | $bit, $free, $out]];
        if ($supplier->freeFrom !== null && $supplier->shipping > 0) {
            $ways[] = [$used | $bit, $free | $bit, $out];
        }
        // First what the cheapest lines would do by themselves.
        $goods = $lines->goods[$at] ?? 0;
        usort(
            $ways,
            static fn(array $a, array $b): int => self::strays($a, $bit, $goods, $supplier) <=>
                self::strays($b, $bit, $goods, $supplier),
        );
        foreach ($ways as $way) {
            $this->branch($at + 1, $way[0], $way[1], $way[2], $state);
        }
    }

    /** @param array{int, int, int} $way */
    private static function strays(array $way, int $bit, int $goods, Supplier $supplier): int
    {
        $isFree = ($way[1] & $bit) !== 0;

        return match (true) {
            $goods === 0 => ($way[2] & $bit) !== 0 ? 0 : 1,
            ($way[2] & $bit) !== 0 => 2,
            default => $isFree === ($supplier->freeFrom !== null && $goods >= $supplier->freeFrom) ? 0 : 1,
        };
    }

    /** @param State $state */
    private function settle(CheapestLines $lines, int $used, int $free, array &$state): void
    {
        if ($used === 0) {
            return;
        }
        $this->consider($lines->orders(), $state);
        $limits = $foreign = [];
        foreach ($this->market->suppliers as $at => $supplier) {
            $bit = 1 << $at;
            if (($used & $bit) === 0) {
                continue;
            }
            $limit = max($supplier->leastOrder ?? 0, ($free & $bit) === 0 ? 0 : (int) $supplier->freeFrom);
            if ($limit > 0) {
                $limits[$at] = $limit;
            }
            if ($this->market->rates[$at]->denominator !== 1) {
                $foreign[] = $at;
            }
        }
        $isReached =
            array_filter(
                $limits,
                static fn(int $limit, int $at): bool => ($lines->goods[$at] ?? 0) < $limit,
                ARRAY_FILTER_USE_BOTH,
            ) === [];
        if ($isReached && $foreign === []) {
            return;
        }
        foreach ((new TopUp($this->demands))->plans($lines->orders(), $limits) as $orders) {
            $this->consider($orders, $state);
        }
        $ship = $this->bound(0.0, $used, $free);
        $coupled = new CoupledLines($this->market, $this->demands, $this->options, $used, $limits, $foreign);
        $bound = $coupled->bound($isReached, $state['rank'][0] === PHP_INT_MAX ? null : $state['rank'][0] - $ship);
        foreach ($bound['tried'] as $orders) {
            $this->consider($orders, $state);
        }
        if ($this->isBeaten($ship + $bound['value'], $state)) {
            return;
        }
        if (!$this->solve($coupled, $ship, $bound['worth'], $state)) {
            $state['open'] = min($state['open'], $ship + $bound['value'] - 0.5 * count($foreign));
        }
    }

    /**
     * Where nothing is known yet the first try only finds something.
     *
     * @param array<int, float> $worth
     * @param State $state
     */
    private function solve(CoupledLines $coupled, float $ship, array $worth, array &$state): bool
    {
        $isFirst = $state['best'] === null;
        $solved = $coupled->solve(
            $isFirst ? INF : $state['rank'][0] - $ship,
            $worth,
            max(0, $this->steps - $state['steps']),
            function (array $orders) use (&$state): void {
                $this->consider($orders, $state);
            },
        );
        $state['steps'] += $solved['steps'];

        if ($isFirst && !$solved['isWhole'] && $state['rank'][0] < PHP_INT_MAX) {
            return $this->solve($coupled, $ship, $worth, $state);
        }

        return $solved['isWhole'];
    }

    /** What is known to be paid at least, in the shop's minor units; sums of foreign money are rounded once each. */
    private function bound(float $lines, int $used, int $free): float
    {
        foreach ($this->market->suppliers as $at => $supplier) {
            $bit = 1 << $at;
            if (($used & $bit) !== 0 && ($free & $bit) === 0) {
                $lines += $supplier->shipping * self::factor($this->market->rates[$at]);
            }
        }

        return $lines;
    }

    /** @param State $state */
    private function isBeaten(float $bound, array $state): bool
    {
        $foreign = 0;
        foreach ($this->market->rates as $rate) {
            $foreign += $rate->denominator === 1 ? 0 : 1;
        }
        $least = $bound - 0.5 * $foreign - 1e-6;

        return ($foreign === 0 ? ceil($least) : $least) > $state['rank'][0];
    }

    /**
     * @param list<array<int, int>> $orders
     * @param State $state
     */
    private function consider(array $orders, array &$state): void
    {
        $total = $this->total($orders);
        if ($total === null) {
            return;
        }
        $used = [];
        $pieces = 0;
        foreach ($orders as $each) {
            $used += $each;
            $pieces += array_sum($each);
        }
        $rank = [$total, count($used), $pieces];
        if (($rank <=> $state['rank']) < 0) {
            $state['rank'] = $rank;
            $state['best'] = $orders;
        }
    }

    /** @param list<array<int, int>> $orders */
    private function total(array $orders): ?int
    {
        $goods = [];
        foreach ($orders as $line => $each) {
            foreach ($each as $supplier => $pieces) {
                $goods[$supplier] =
                    ($goods[$supplier] ?? 0) + ($this->demands[$line]->tariff($supplier)?->cost($pieces) ?? 0);
            }
        }

        return PlanTotal::of($this->market, $goods);
    }

    /** @param State $state */
    private function lines(int $mask, array &$state): CheapestLines
    {
        return $state['cheapest'][$mask] ??= CheapestLines::of($this->market, $this->options, $mask);
    }

    public static function factor(Rate $rate): float
    {
        return $rate->numerator / $rate->denominator;
    }
}
