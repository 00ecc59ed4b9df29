<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Tariff;

/**
 * Lines whose goods together have to reach limits. Prices of the limits (Lagrange multipliers) give a bound; what is dearer under those
 * prices than the gap to the best plan known can be in no better plan, and the few orders that are left are tried together.
 *
 * The method is that of reduced-cost fixing, M. L. Fisher, Management Science 27 (1981) 1-18, from memory.
 */
final readonly class CoupledLines
{
    private const ROUNDS = 60;
    /** Sizes of an order that are tried to reach a limit exactly. */
    private const SIZES = 3_000;
    /** Sums of goods that are kept apart. */
    private const STATES = 60_000;
    private const EPSILON = 1e-6;

    /** @var list<float> */
    private array $factors;
    /** @var list<list<LineOption>> */
    private array $options;
    /** @var list<list<LineOption>> those that may be the cheapest, whatever the limits are worth */
    private array $leanest;

    /**
     * @param list<Demand> $demands
     * @param list<list<LineOption>> $options of each
     * @param array<int, int> $limits supplier to the goods that have to be reached
     * @param list<int> $foreign suppliers whose sum is converted and rounded
     */
    public function __construct(
        private Market $market,
        private array $demands,
        array $options,
        private int $used,
        private array $limits,
        private array $foreign,
    ) {
        $this->factors = array_map(PlanSearch::factor(...), $market->rates);
        $this->options = array_map(
            fn(array $line): array => array_values(
                array_filter($line, fn(LineOption $option): bool => ($option->mask & ~$this->used) === 0),
            ),
            $options,
        );
        $this->leanest = array_map(self::leanest(...), $this->options);
    }

    /**
     * A way that takes no less from any supplier than another one does is never the cheaper of the two.
     *
     * @param list<LineOption> $options
     * @return list<LineOption>
     */
    private static function leanest(array $options): array
    {
        usort(
            $options,
            static fn(LineOption $a, LineOption $b): int => [array_sum($a->goods), $a->pieces] <=> [
                array_sum($b->goods),
                $b->pieces,
            ],
        );
        $kept = [];
        foreach ($options as $option) {
            foreach ($kept as $leaner) {
                foreach ($leaner->goods as $supplier => $goods) {
                    if ($goods > ($option->goods[$supplier] ?? 0)) {
                        continue 2;
                    }
                }
                continue 2;
            }
            $kept[] = $option;
        }

        return $kept;
    }

    /**
     * What the lines cost at least, shipping apart.
     *
     * @param bool $isReached the limits are reached by themselves
     * @param ?float $known what the best plan known costs, shipping apart
     * @return array{value: float, worth: array<int, float>, tried: list<list<array<int, int>>>} the bound, what a minor unit of each limit is worth, plans met on the way
     */
    public function bound(bool $isReached, ?float $known): array
    {
        $worth = array_fill_keys(array_keys($this->limits), 0.0);
        $tried = [];
        $best = -INF;
        $kept = $worth;
        for ($round = 0; $round < ($isReached ? 1 : self::ROUNDS); ++$round) {
            [$value, $goods, $orders] = $this->relaxed($worth);
            $tried[] = $orders;
            if ($value > $best) {
                $best = $value;
                $kept = $worth;
            }
            $short = $length = [];
            foreach ($this->limits as $at => $limit) {
                $short[$at] = $limit - ($goods[$at] ?? 0);
                $length[] = $short[$at] ** 2;
            }
            $square = array_sum($length);
            if ($square <= 0) {
                break;
            }
            $aim = $known !== null && $known > $value ? $known - $value : max(1.0, 0.01 * abs($value));
            foreach ($short as $at => $missing) {
                $step = ((2.0 / (1 + $round / 6)) * $aim * $missing) / $square;
                $worth[$at] = min($this->factors[$at], max(0.0, $worth[$at] + $step));
            }
        }

        return ['value' => $best, 'worth' => $kept, 'tried' => $tried];
    }

    /**
     * Every plan that may be better than what is known, handed on as it is found.
     *
     * @param float $known what the best plan known costs, shipping apart
     * @param array<int, float> $worth of the limits, as `bound` found it
     * @param callable(list<array<int, int>>): void $found
     * @return array{isWhole: bool, steps: int} not whole where the steps did not do
     */
    public function solve(float $known, array $worth, int $most, callable $found): array
    {
        $steps = 0;
        if ($most <= 0) {
            return ['isWhole' => false, 'steps' => 0];
        }
        [$value] = $this->relaxed($worth);
        $gap = $known - $value + 0.5 * count($this->foreign) + self::EPSILON;
        if ($known === INF) {
            $gap = max(1000.0, 0.05 * abs($value));
        }
        $lines = [];
        foreach ($this->demands as $line => $demand) {
            $lines[$line] = $this->priceList(
                $demand,
                $this->options[$line],
                $worth,
                $gap + 2.0 * count($this->demands),
            );
            $steps += count($lines[$line]);
            if ($steps > $most) {
                return ['isWhole' => false, 'steps' => $steps];
            }
            // Rounding may make a size between two corners cheaper than both.
            $gap += max(0.0, -min([0.0, ...array_column($lines[$line], 0)]));
        }
        foreach ($lines as $line => $ways) {
            $lines[$line] = array_values(array_filter($ways, static fn(array $way): bool => $way[0] <= $gap));
        }
        $order = array_keys($lines);
        usort($order, static fn(int $a, int $b): int => count($lines[$a]) <=> count($lines[$b]) ?: $a <=> $b);
        $states = ['' => ['cost' => 0.0, 'pieces' => 0, 'goods' => [], 'chain' => null]];
        foreach ($order as $line) {
            $next = [];
            foreach ($states as $state) {
                foreach ($lines[$line] as [$dearer, $option]) {
                    if (++$steps > $most || count($next) > self::STATES) {
                        return ['isWhole' => false, 'steps' => $steps];
                    }
                    $this->step($state, $line, $dearer, $option, $gap, $worth, $next);
                }
            }
            $states = $next;
        }
        foreach ($states as $state) {
            if ($this->reaches($state['goods'])) {
                $found($this->orders($state['chain']));
            }
        }

        return ['isWhole' => $known !== INF, 'steps' => $steps];
    }

    /**
     * @param array{cost: float, pieces: int, goods: array<int, int>, chain: mixed} $state
     * @param array<int, float> $worth
     * @param array<array-key, array{cost: float, pieces: int, goods: array<int, int>, chain: mixed}> $next
     */
    private function step(
        array $state,
        int $line,
        float $dearer,
        LineOption $option,
        float $gap,
        array $worth,
        array &$next,
    ): void {
        $cost = $state['cost'] + $dearer;
        $goods = $state['goods'];
        foreach ($option->goods as $at => $sold) {
            $limit = $this->limits[$at] ?? null;
            $isForeign = in_array($at, $this->foreign, true);
            if ($limit === null && !$isForeign) {
                continue;
            }
            $sum = ($goods[$at] ?? 0) + $sold;
            if ($limit !== null && !$isForeign && $sum > $limit) {
                // What is beyond the limit is worth nothing more.
                $cost += $worth[$at] * ($sum - max($limit, $goods[$at] ?? 0));
                $sum = $limit;
            } elseif ($limit !== null) {
                $cost += $worth[$at] * (max(0, $sum - $limit) - max(0, ($goods[$at] ?? 0) - $limit));
            }
            $goods[$at] = $sum;
        }
        if ($cost > $gap) {
            return;
        }
        ksort($goods);
        $key = json_encode($goods, JSON_THROW_ON_ERROR);
        $pieces = $state['pieces'] + $option->pieces;
        $there = $next[$key] ?? null;
        if (
            $there === null ||
            $cost < $there['cost'] - 1e-9 ||
            ($cost < $there['cost'] + 1e-9 && $pieces < $there['pieces'])
        ) {
            $next[$key] = [
                'cost' => $cost,
                'pieces' => $pieces,
                'goods' => $goods,
                'chain' => [$line, $option, $state['chain']],
            ];
        }
    }

    /** @param array<int, int> $goods */
    private function reaches(array $goods): bool
    {
        foreach ($this->limits as $at => $limit) {
            if (($goods[$at] ?? 0) < $limit) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array<int, int>> */
    private function orders(mixed $chain): array
    {
        $orders = [];
        while (is_array($chain)) {
            /** @var array{int, LineOption, mixed} $chain as `step` links it */
            $orders[$chain[0]] = $chain[1]->orders;
            $chain = $chain[2];
        }
        ksort($orders);

        return array_values($orders);
    }

    /**
     * Every way of a line, and how much dearer than the cheapest corner it is under the prices of the limits; the cheapest first.
     *
     * @param list<LineOption> $options
     * @param array<int, float> $worth
     * @param float $most what a way may be dearer by and still matter
     * @return list<array{float, LineOption}>
     */
    private function priceList(Demand $demand, array $options, array $worth, float $most): array
    {
        $from = min([INF, ...array_map(fn(LineOption $option): float => $this->priced($option, $worth), $options)]);
        $all = [];
        foreach ($options as $option) {
            $all[json_encode($option->orders, JSON_THROW_ON_ERROR)] = $option;
        }
        foreach ($this->limits as $at => $limit) {
            $tariff = $demand->tariff($at);
            if ($tariff instanceof Tariff && $worth[$at] > 0.0) {
                $each = $this->factors[$at] - $worth[$at];
                $dearest = $each > 0.0 ? ($from + $most) / $each : INF;
                foreach (LineOptions::through($demand, $tariff, $limit, self::SIZES, $dearest) as $option) {
                    if (($option->mask & ~$this->used) === 0) {
                        $all[json_encode($option->orders, JSON_THROW_ON_ERROR)] = $option;
                    }
                }
            }
        }
        $ways = [];
        foreach ($all as $option) {
            $dearer = $this->priced($option, $worth) - $from;
            if ($dearer <= $most) {
                $ways[] = [$dearer, $option];
            }
        }
        usort($ways, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $ways;
    }

    /** @param array<int, float> $worth */
    private function priced(LineOption $option, array $worth): float
    {
        $cost = 0.0;
        foreach ($option->goods as $at => $sold) {
            $cost += ($this->factors[$at] - ($worth[$at] ?? 0.0)) * $sold;
        }

        return $cost;
    }

    /**
     * @param array<int, float> $worth
     * @return array{float, array<int, int>, list<array<int, int>>} bound, goods and orders where limits are only priced
     */
    private function relaxed(array $worth): array
    {
        $value = 0.0;
        $goods = $orders = [];
        foreach ($this->leanest as $line) {
            $least = INF;
            $best = null;
            foreach ($line as $option) {
                $cost = $this->priced($option, $worth);
                if (
                    $cost < $least - 1e-9 ||
                    ($cost < $least + 1e-9 && $best !== null && $option->pieces < $best->pieces)
                ) {
                    $least = min($least, $cost);
                    $best = $option;
                }
            }
            if ($best === null) {
                return [INF, [], []];
            }
            $value += $least;
            $orders[] = $best->orders;
            foreach ($best->goods as $at => $sold) {
                $goods[$at] = ($goods[$at] ?? 0) + $sold;
            }
        }
        foreach ($this->limits as $at => $limit) {
            $value += $worth[$at] * $limit;
        }

        return [$value, $goods, $orders];
    }
}
