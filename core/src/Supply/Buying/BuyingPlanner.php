<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Chiralex\Supply\Internal\LineOptions;
use Chiralex\Supply\Internal\PlanSearch;
use Chiralex\Supply\Internal\PlanTotal;
use Chiralex\Supply\Internal\Shortlist;

/** Plans what to order where: least total, of equals the fewer suppliers, then the fewer pieces. */
final readonly class BuyingPlanner
{
    /** Steps of the search before its bound has to do: some ten seconds, or half of one where a person waits. */
    public const STEPS = 1_500_000;
    public const QUICK = 60_000;

    public function __construct(private int $steps = self::STEPS) {}

    /** @param list<Demand> $demands */
    public function plan(Market $market, array $demands): BuyingPlan
    {
        $list = Shortlist::of($market, $demands);
        if ($list->isWhole) {
            return $this->among($market, $demands);
        }
        $plan = $this->among($list->market, $list->demands);
        $place = static fn(int $supplier): int => $list->places[$supplier];

        return new BuyingPlan(
            $market,
            $demands,
            array_map(
                static fn(array $orders): array => array_combine(array_map($place, array_keys($orders)), $orders),
                $plan->orders,
            ),
            $plan->total,
            min($plan->bound, Shortlist::least($market, $demands)),
            array_map(
                static fn(?NextBest $next): ?NextBest => $next === null
                    ? null
                    : new NextBest($place($next->supplier), $next->pieces, $next->total),
                $plan->nextBest,
            ),
            $plan->noOffer,
        );
    }

    /** @param list<Demand> $demands */
    private function among(Market $market, array $demands): BuyingPlan
    {
        $wanted = $options = $noOffer = $places = [];
        foreach ($demands as $place => $demand) {
            $ways = $demand->needed > 0 ? LineOptions::of($demand) : [];
            if ($ways !== []) {
                $wanted[] = $demand;
                $options[] = $ways;
                $places[] = $place;
            } elseif ($demand->needed > 0) {
                $noOffer[] = $place;
            }
        }
        $found =
            $wanted === []
                ? ['orders' => [], 'total' => 0, 'bound' => 0]
                : PlanSearch::cheapest($market, $wanted, $options, $this->steps);
        $orders = array_fill(0, count($demands), []);
        foreach ($found['orders'] ?? [] as $index => $each) {
            $orders[$places[$index]] = $each;
        }

        return new BuyingPlan(
            $market,
            $demands,
            $orders,
            $found['total'] ?? 0,
            $found['bound'] ?? 0,
            array_map(
                fn(int $place): ?NextBest => $found === null
                    ? null
                    : $this->nextBest($market, $demands, $orders, $place),
                array_keys($demands),
            ),
            // Where no choice keeps every least order nothing can be bought at all.
            $found === null ? [...$noOffer, ...$places] : $noOffer,
        );
    }

    /**
     * @param list<Demand> $demands
     * @param list<array<int, int>> $orders
     */
    private function nextBest(Market $market, array $demands, array $orders, int $place): ?NextBest
    {
        $best = null;
        $goods = [];
        foreach ($orders as $line => $each) {
            foreach ($line === $place ? [] : $each as $supplier => $pieces) {
                $goods[$supplier] =
                    ($goods[$supplier] ?? 0) + ($demands[$line]->tariff($supplier)?->cost($pieces) ?? 0);
            }
        }
        foreach ($orders[$place] === [] ? [] : $demands[$place]->tariffs as $tariff) {
            $pieces = isset($orders[$place][$tariff->supplier]) ? null : $tariff->cheapest($demands[$place]->needed);
            if ($pieces === null) {
                continue;
            }
            $moved = $goods;
            $moved[$tariff->supplier] = ($moved[$tariff->supplier] ?? 0) + $tariff->cost($pieces);
            $total = PlanTotal::of($market, $moved);
            if ($total !== null && ($best === null || $total < $best->total)) {
                $best = new NextBest($tariff->supplier, $pieces, $total);
            }
        }

        return $best;
    }
}
