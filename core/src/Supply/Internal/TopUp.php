<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Tariff;

/** Brings the goods of suppliers up to their limits by one larger order each: no best plan, but one to begin with. */
final readonly class TopUp
{
    /** @param list<Demand> $demands */
    public function __construct(private array $demands) {}

    /**
     * @param list<array<int, int>> $orders
     * @param array<int, int> $limits supplier to goods
     * @return list<list<array<int, int>>> plans that reach them; none where nobody has enough
     */
    public function plans(array $orders, array $limits): array
    {
        $plans = [];
        foreach ($this->demands as $first => $demand) {
            $plan = $orders;
            foreach ($limits as $supplier => $limit) {
                $plan = $this->raised($plan, $supplier, $limit, $first);
                if ($plan === null) {
                    continue 2;
                }
            }
            $plans[] = $plan;
        }

        return $plans;
    }

    /**
     * @param list<array<int, int>> $orders
     * @param int $first line that is tried first
     * @return ?list<array<int, int>>
     */
    private function raised(array $orders, int $supplier, int $limit, int $first): ?array
    {
        $goods = 0;
        foreach ($orders as $line => $each) {
            $goods += isset($each[$supplier])
                ? $this->demands[$line]->tariff($supplier)?->cost($each[$supplier]) ?? 0
                : 0;
        }
        if ($goods >= $limit) {
            return $orders;
        }
        for ($step = 0; $step < count($this->demands); ++$step) {
            $line = ($first + $step) % count($this->demands);
            $tariff = $this->demands[$line]->tariff($supplier);
            if ($tariff === null) {
                continue;
            }
            $before = isset($orders[$line][$supplier]) ? $tariff->cost($orders[$line][$supplier]) : 0;
            $order = self::worth($tariff, $limit - $goods + $before);
            if ($order !== null) {
                $raised = $orders;
                // What covers the line by itself replaces what was ordered elsewhere.
                $raised[$line] =
                    $order >= $this->demands[$line]->needed
                        ? [$supplier => $order]
                        : [$supplier => $order] + $orders[$line];

                return $raised;
            }
        }

        return null;
    }

    /** The least order that is worth so much. */
    private static function worth(Tariff $tariff, int $goods): ?int
    {
        $order = $tariff->legal(1);
        for ($tries = 0; $order !== null && $tariff->cost($order) < $goods && $tries < 40; ++$tries) {
            // Prices fall with size: what is missing is looked for at the price that holds there.
            $order = $tariff->legal(max($order + 1, (int) ceil(($goods * 1e8) / max(1, $tariff->price($order)))));
        }

        return $order !== null && $tariff->cost($order) >= $goods ? $order : null;
    }
}
