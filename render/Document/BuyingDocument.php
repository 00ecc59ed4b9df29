<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Reason\Problem;
use Chiralex\Supply\Buying\BuyingPlan;
use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\SpareLine;
use Chiralex\Supply\Buying\SparesPlan;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** The documents of `buy` and `spares`: sums with two decimals, prices of a piece with all of theirs. */
final readonly class BuyingDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Problem> $problems
     * @return array<string, mixed>
     */
    public function plan(BuyingPlan $plan, int $kits, array $problems): array
    {
        return [
            'kits' => $kits,
            'currency' => $plan->market->currency,
            'total' => self::money($plan->total),
            'proved' => $plan->isProved(),
            'bound' => self::money($plan->bound),
            'suppliers' => self::suppliers($plan),
            'lines' => array_map(static fn(int $line): array => self::line($plan, $line), array_keys($plan->demands)),
            'noOffer' => array_map(static fn(int $line): array => $plan->demands[$line]->designators, $plan->noOffer),
            'problems' => $this->problems($problems),
        ];
    }

    /**
     * @param list<Problem> $problems
     * @return array<string, mixed>
     */
    public function spares(SparesPlan $plan, string $currency, string $target, array $problems): array
    {
        return [
            'target' => (float) $target,
            'probability' => round($plan->probability, 9),
            'cost' => (string) $plan->cost->toScale(2, RoundingMode::HALF_UP),
            'currency' => $currency,
            'proved' => $plan->isProved,
            'lines' => array_map(
                static fn(SpareLine $line, int $spares): array => [
                    'designators' => $line->designators,
                    'pieces' => $line->pieces,
                    'loss' => $line->loss,
                    'unitCost' => self::price($line->unitCost),
                    'spares' => $spares,
                ],
                $plan->lines,
                $plan->spares,
            ),
            'problems' => $this->problems($problems),
        ];
    }

    /** @return list<array<string, string>> those that something is ordered from */
    private static function suppliers(BuyingPlan $plan): array
    {
        $all = [];
        foreach ($plan->market->suppliers as $at => $supplier) {
            $goods = $plan->goods($at);
            if ($goods !== null) {
                $shipping = $supplier->shippingOf($goods);
                $all[] = [
                    'supplier' => $supplier->name,
                    'currency' => $supplier->currency,
                    'goods' => self::money($goods),
                    'shipping' => self::money($shipping),
                    'total' => self::money($plan->market->rates[$at]->of($goods + $shipping)),
                ];
            }
        }

        return $all;
    }

    /** @return array<string, mixed> */
    private static function line(BuyingPlan $plan, int $line): array
    {
        $demand = $plan->demands[$line];
        $next = $plan->nextBest[$line];

        return [
            'part' => $demand->part,
            'designators' => $demand->designators,
            'needed' => $demand->needed,
            'orders' => array_map(
                static fn(int $supplier, int $pieces): array => self::order($plan, $demand, $supplier, $pieces),
                array_keys($plan->orders[$line]),
                array_values($plan->orders[$line]),
            ),
            'nextBest' =>
                $next === null
                    ? null
                    : [
                        'supplier' => $plan->market->suppliers[$next->supplier]->name,
                        'quantity' => $next->pieces,
                        'total' => self::money($next->total),
                    ],
        ];
    }

    /** @return array<string, mixed> */
    private static function order(BuyingPlan $plan, Demand $demand, int $supplier, int $pieces): array
    {
        $tariff = $demand->tariff($supplier);

        return [
            'supplier' => $plan->market->suppliers[$supplier]->name,
            'quantity' => $pieces,
            'unitPrice' => $tariff === null ? '' : self::price($tariff->unitPrice($pieces)),
            'cost' => self::money($tariff?->cost($pieces) ?? 0),
        ];
    }

    public static function money(int $minor): string
    {
        return (string) BigDecimal::ofUnscaledValue($minor, 2);
    }

    /** All its decimals, and two where it has fewer but some. */
    private static function price(BigDecimal $price): string
    {
        $plain = $price->stripTrailingZeros();

        return (string) ($plain->getScale() < 2 ? $plain->toScale(2) : $plain);
    }

    /**
     * @param list<Problem> $problems
     * @return list<array<string, mixed>>
     */
    private function problems(array $problems): array
    {
        return array_map(fn(Problem $each): array => (new Told($this->words))->problem($each), $problems);
    }
}
