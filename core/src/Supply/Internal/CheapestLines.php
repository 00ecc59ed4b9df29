<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Market;

/** Each line by itself at its cheapest, from some of the suppliers. */
final readonly class CheapestLines
{
    /**
     * @param float $cost in the shop's minor units, shipping apart; infinite where a line cannot be met
     * @param array<int, int> $goods of each supplier
     * @param list<LineOption> $chosen
     */
    private function __construct(public float $cost, public array $goods, private array $chosen) {}

    /** @param list<list<LineOption>> $options of each line */
    public static function of(Market $market, array $options, int $mask): self
    {
        $factors = array_map(PlanSearch::factor(...), $market->rates);
        $cost = 0.0;
        $goods = $chosen = [];
        foreach ($options as $line) {
            $least = INF;
            $best = null;
            foreach ($line as $option) {
                if (($option->mask & ~$mask) !== 0) {
                    continue;
                }
                $costs = 0.0;
                foreach ($option->goods as $supplier => $worth) {
                    $costs += $worth * $factors[$supplier];
                }
                if (
                    $costs < $least - 1e-9 ||
                    ($costs < $least + 1e-9 && $best !== null && $option->pieces < $best->pieces)
                ) {
                    $least = min($least, $costs);
                    $best = $option;
                }
            }
            if ($best === null) {
                return new self(INF, [], []);
            }
            $cost += $least;
            $chosen[] = $best;
            foreach ($best->goods as $supplier => $worth) {
                $goods[$supplier] = ($goods[$supplier] ?? 0) + $worth;
            }
        }

        return new self($cost, $goods, $chosen);
    }

    /** @return list<array<int, int>> */
    public function orders(): array
    {
        return array_map(static fn(LineOption $option): array => $option->orders, $this->chosen);
    }
}
