<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/**
 * What the parts of a batch cost by its size: for each size the cheapest of the plans in which every line comes from one of some suppliers,
 * over all sets of suppliers. Each is a plan that can be ordered; the exact one, which splits lines, is never dearer.
 */
final readonly class BatchCurve
{
    /** Sets of more suppliers than this are not tried. */
    private const SETS = 6;

    /**
     * @param list<array{pieces: int, tariffs: list<Tariff>}> $lines pieces of one kit, and who sells them
     * @param int $from the smallest batch, 1 or more
     * @param int $to the largest
     * @return array<int, ?int> batch to minor units of the shop; null where nobody sells enough
     */
    public static function of(Market $market, array $lines, int $from, int $to): array
    {
        $curve = [];
        $count = count($market->suppliers);
        $sets = $count > self::SETS ? [null] : range(1, max(1, (1 << $count) - 1));
        for ($kits = $from; $kits <= $to; ++$kits) {
            $costs = [];
            foreach ($lines as $at => $line) {
                foreach ($line['tariffs'] as $tariff) {
                    $order = $tariff->cheapest($kits * $line['pieces']);
                    if ($order !== null) {
                        $costs[$at][$tariff->supplier] = $tariff->cost($order);
                    }
                }
            }
            $best = null;
            foreach ($sets as $set) {
                $total = self::total($market, $costs, count($lines), $set);
                $best = $total !== null && ($best === null || $total < $best) ? $total : $best;
            }
            $curve[$kits] = $best;
        }

        return $curve;
    }

    /**
     * @param array<int, array<int, int>> $costs line to supplier to minor units of theirs
     * @param ?int $set bits of the suppliers that are asked; null: all are
     */
    private static function total(Market $market, array $costs, int $lines, ?int $set): ?int
    {
        $goods = [];
        for ($line = 0; $line < $lines; ++$line) {
            $least = INF;
            $from = null;
            foreach ($costs[$line] ?? [] as $supplier => $cost) {
                $rate = $market->rates[$supplier];
                $ours = ($cost * $rate->numerator) / $rate->denominator;
                if (($set === null || ($set & (1 << $supplier)) !== 0) && $ours < $least) {
                    [$least, $from] = [$ours, $supplier];
                }
            }
            if ($from === null) {
                return null;
            }
            $goods[$from] = ($goods[$from] ?? 0) + $costs[$line][$from];
        }
        $total = 0;
        foreach ($goods as $supplier => $worth) {
            $of = $market->suppliers[$supplier];
            if (!$of->sells($worth)) {
                return null;
            }
            $total += $market->rates[$supplier]->of($worth + $of->shippingOf($worth));
        }

        return $total;
    }
}
