<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;

/**
 * Who is compared where many sell the same: ways to share lines among suppliers grow fast. Of each line the cheapest few stay, of the
 * suppliers those that are cheapest most often; every line keeps one. Below these numbers nothing is left out.
 */
final readonly class Shortlist
{
    /** Up to so many suppliers nothing is left out. */
    public const ALL = 8;
    /** Else so many of one line are compared, so many of a plan; and those that bits can tell apart. */
    private const OF_A_LINE = 4;
    private const OF_A_PLAN = 8;
    private const TOLD_APART = 60;

    /**
     * @param list<Demand> $demands tariffs name suppliers by their place in this market
     * @param list<int> $places of its suppliers in the market that it was made of
     */
    private function __construct(
        public Market $market,
        public array $demands,
        public array $places,
        public bool $isWhole,
    ) {}

    /** @param list<Demand> $demands */
    public static function of(Market $market, array $demands): self
    {
        if (count($market->suppliers) <= self::ALL) {
            return new self($market, $demands, array_keys($market->suppliers), true);
        }
        $ranked = array_map(static fn(Demand $demand): array => self::ranked($market, $demand), $demands);
        $points = [];
        foreach ($ranked as $tariffs) {
            foreach ($tariffs as $place => $tariff) {
                $points[$tariff->supplier] = ($points[$tariff->supplier] ?? 0.0) + 1.0 / (1 + $place);
            }
        }
        arsort($points);
        $kept = array_fill_keys(array_slice(array_keys($points), 0, self::OF_A_PLAN), true);
        foreach ($ranked as $tariffs) {
            $isCovered = array_filter($tariffs, static fn(Tariff $each): bool => isset($kept[$each->supplier])) !== [];
            if (!$isCovered && $tariffs !== [] && count($kept) < self::TOLD_APART) {
                $kept[$tariffs[0]->supplier] = true;
            }
        }

        $places = array_keys($kept);
        sort($places);
        $moved = array_flip($places);

        return new self(
            new Market(
                $market->currency,
                array_map(static fn(int $place): Supplier => $market->suppliers[$place], $places),
                array_map(static fn(int $place): Rate => $market->rates[$place], $places),
            ),
            array_map(
                static fn(Demand $demand, array $tariffs): Demand => new Demand(
                    $demand->designators,
                    $demand->part,
                    $demand->needed,
                    array_values(
                        array_map(
                            static fn(Tariff $each): Tariff => $each->of($moved[$each->supplier]),
                            array_filter($tariffs, static fn(Tariff $each): bool => isset($kept[$each->supplier])),
                        ),
                    ),
                ),
                $demands,
                $ranked,
            ),
            $places,
            false,
        );
    }

    /**
     * What the goods cost at least, whoever sends them: each piece at the lowest price that anybody asks.
     *
     * @param list<Demand> $demands
     */
    public static function least(Market $market, array $demands): int
    {
        $sum = 0.0;
        foreach ($demands as $demand) {
            $prices = array_map(
                static fn(Tariff $tariff): float => $tariff->lowest() *
                    PlanSearch::factor($market->rates[$tariff->supplier]),
                $demand->tariffs,
            );
            // Each line may be rounded down by half a minor unit.
            $sum += $prices === [] ? 0.0 : max(0.0, $demand->needed * min($prices) - 0.5);
        }

        return (int) floor($sum);
    }

    /** @return list<Tariff> those that cover the line alone, the cheapest first; where none does all of them */
    private static function ranked(Market $market, Demand $demand): array
    {
        $costs = [];
        foreach ($demand->tariffs as $at => $tariff) {
            $order = $tariff->cheapest(max(1, $demand->needed));
            if ($order !== null) {
                $costs[$at] = $tariff->cost($order) * PlanSearch::factor($market->rates[$tariff->supplier]);
            }
        }
        asort($costs);
        $tariffs = array_map(static fn(int $at): Tariff => $demand->tariffs[$at], array_keys($costs));

        return array_slice($tariffs === [] ? $demand->tariffs : $tariffs, 0, self::OF_A_LINE);
    }
}
