<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Market;

/** What goods cost with their shipping, in the shop's currency. */
final readonly class PlanTotal
{
    /**
     * @param array<int, int> $goods supplier to minor units of their currency; only those that something is ordered from
     * @return ?int null where somebody sells no so small an order
     */
    public static function of(Market $market, array $goods): ?int
    {
        $total = 0;
        foreach ($goods as $at => $worth) {
            $supplier = $market->suppliers[$at];
            if (!$supplier->sells($worth)) {
                return null;
            }
            $total += $market->rates[$at]->of($worth + $supplier->shippingOf($worth));
        }

        return $total;
    }
}
