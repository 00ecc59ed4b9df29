<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Models\Kit;
use App\Models\Revision;
use App\Models\Shop;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Supply\Buying\BuyingPlan;
use Chiralex\Supply\Buying\BuyingPlanner;
use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Tariff;

/**
 * What to order for the next batches: the demand with where each piece of it comes from, and the cheapest plan for it.
 *
 * @phpstan-import-type Need from KitNeeds
 * @phpstan-type Wanted array{need: Need, pieces: int, origins: list<array{what: string, pieces: int}>}
 */
final readonly class BuyingSheet
{
    public function __construct(private KitNeeds $needs, private OfferBook $offers) {}

    /** @return array<string, mixed> */
    public function of(Batches $batches): array
    {
        $balance = new PartsBalance();
        $kits = $wanted = [];
        $revisions = array_map(
            $this->needs->revision(...),
            array_combine(array_keys($batches->kits), array_keys($batches->kits)),
        );
        $needs = $this->mixed($batches->kits, $revisions);
        $parts = [];
        foreach ($needs as $mix) {
            foreach ($mix as ['needs' => $each]) {
                array_push($parts, ...array_column($each, 'part'));
            }
        }
        $parts = array_values(array_unique($parts));
        $all = $this->offers->tariffs($parts);
        if ($batches->without !== null) {
            $all = array_map(
                static fn(array $each): array => array_values(
                    array_filter($each, static fn(Tariff $tariff): bool => $tariff->supplier !== $batches->without),
                ),
                $all,
            );
        }
        $rates = $this->rates($batches);
        $asked = AskedMarket::of(
            $this->offers->suppliers(),
            $all,
            array_map(static fn(array $each): Rate => $each['rate'], $rates),
        );
        [$market, $ids, $tariffs, $missing] = [$asked->market, $asked->ids, $asked->tariffs, $asked->missing];
        foreach ($batches->kits as $id => $count) {
            $kit = Kit::query()->findOrFail($id);
            $spares = $batches->spares ? $this->needs->spares($revisions[$id], $market, $tariffs) : [];
            $kits[] = [
                'kitId' => $id,
                'kit' => $kit->name,
                'revisionId' => $revisions[$id]->id,
                'revision' => $revisions[$id]->name,
                'kits' => $count,
                'mix' => array_map(
                    static fn(array $each): array => ['options' => $each['options'], 'kits' => $each['kits']],
                    $needs[$id],
                ),
            ];
            foreach ($needs[$id] as ['options' => $options, 'kits' => $many, 'needs' => $each]) {
                $what =
                    "{$many} {$kit->name}" .
                    ($options === '' ? '' : ' (' . str_replace([';', '='], [', ', ': '], $options) . ')');
                foreach ($each as $need) {
                    self::want($wanted, $need, $what, $many * $need['pieces']);
                    self::want($wanted, $need, "spares for {$kit->name}", $many * ($spares[$need['part']] ?? 0));
                }
            }
        }
        foreach ($wanted as $part => $each) {
            foreach ($balance->runs($part) as $run => $pieces) {
                self::want($wanted, $each['need'], "run {$run}", $pieces->toScale(0, RoundingMode::UP)->toInt());
            }
        }
        $demands = array_map(
            static fn(array $each): Demand => self::demand($each, $balance, $tariffs),
            array_values($wanted),
        );
        $plan = (new BuyingPlanner(BuyingPlanner::QUICK))->plan($market, $demands);

        return [
            'currency' => $market->currency,
            'batches' => $kits,
            'spares' => $batches->spares,
            'rates' => array_map(
                static fn(string $currency, array $rate): array => ['currency' => $currency, 'rate' => $rate['text']],
                array_keys($rates),
                array_values($rates),
            ),
            'missing' => $missing,
            'total' => OfferBook::money($plan->total),
            'bound' => OfferBook::money($plan->bound),
            'proved' => $plan->isProved(),
            'suppliers' => self::suppliers($plan, $ids),
            'lines' => array_map(
                static fn(int $at, array $each): array => self::line($plan, $at, $each, $ids, $balance),
                array_keys(array_values($wanted)),
                array_values($wanted),
            ),
        ];
    }

    /**
     * @param array<int, int> $kits
     * @param array<int, Revision> $revisions
     * @return array<int, list<array{options: string, kits: int, needs: list<Need>}>> kit to what each of its mixes takes
     */
    private function mixed(array $kits, array $revisions): array
    {
        $mix = new OptionMix(array_keys($kits));
        $mixed = [];
        foreach ($kits as $id => $count) {
            $has = fn(string $options): bool => $this->needs->hasOptions($revisions[$id], $options);
            $mixed[$id] = [];
            foreach ($mix->of($id, $count, $has) as $options => $many) {
                $mixed[$id][] = [
                    'options' => (string) $options,
                    'kits' => $many,
                    'needs' => $this->needs->of($revisions[$id], (string) $options),
                ];
            }
        }

        return $mixed;
    }

    /** @return array<string, array{rate: Rate, text: string}> those of the shop, and what is tried instead */
    private function rates(Batches $batches): array
    {
        $rates = array_map(
            static fn(array $each): array => ['rate' => $each['rate'], 'text' => $each['text']],
            $this->offers->rates(),
        );
        foreach ($batches->rates as $currency => $text) {
            $rate = Rate::parse(str_replace(',', '.', $text));
            if ($rate !== null && $currency !== Shop::ours()->currency) {
                $rates[$currency] = ['rate' => $rate, 'text' => $text];
            }
        }

        return $rates;
    }

    /**
     * @param array<string, Wanted> $wanted
     * @param Need $need
     */
    private static function want(array &$wanted, array $need, string $what, int $pieces): void
    {
        $wanted[$need['part']] ??= ['need' => $need, 'pieces' => 0, 'origins' => []];
        if ($pieces > 0) {
            $wanted[$need['part']]['pieces'] += $pieces;
            $wanted[$need['part']]['origins'][] = ['what' => $what, 'pieces' => $pieces];
        }
    }

    /**
     * @param Wanted $wanted
     * @param array<string, list<Tariff>> $tariffs
     */
    private static function demand(array $wanted, PartsBalance $balance, array $tariffs): Demand
    {
        $part = $wanted['need']['part'];
        $there = BigDecimal::max(0, $balance->onHand($part))->plus($balance->onOrder($part));

        return new Demand(
            $wanted['need']['designators'] === [] ? [$wanted['need']['title']] : $wanted['need']['designators'],
            $wanted['need']['title'],
            max(0, BigDecimal::of($wanted['pieces'])->minus($there)->toScale(0, RoundingMode::UP)->toInt()),
            $tariffs[$part] ?? [],
        );
    }

    /**
     * @param list<int> $ids
     * @return list<array<string, mixed>> those that something is ordered from
     */
    private static function suppliers(BuyingPlan $plan, array $ids): array
    {
        $all = [];
        foreach ($plan->market->suppliers as $at => $supplier) {
            $goods = $plan->goods($at);
            if ($goods === null) {
                continue;
            }
            $shipping = $supplier->shippingOf($goods);
            $all[] = [
                'id' => $ids[$at],
                'name' => $supplier->name,
                'currency' => $supplier->currency,
                'goods' => OfferBook::money($goods),
                'shipping' => OfferBook::money($shipping),
                'toFree' =>
                    $shipping > 0 && $supplier->freeFrom !== null
                        ? OfferBook::money($supplier->freeFrom - $goods)
                        : null,
                'total' => OfferBook::money($plan->market->rates[$at]->of($goods + $shipping)),
                'leadDays' => $supplier->leadDays,
            ];
        }

        return $all;
    }

    /**
     * @param Wanted $wanted
     * @param list<int> $ids
     * @return array<string, mixed>
     */
    private static function line(BuyingPlan $plan, int $at, array $wanted, array $ids, PartsBalance $balance): array
    {
        $demand = $plan->demands[$at];
        $next = $plan->nextBest[$at];
        $part = $wanted['need']['part'];

        return [
            'part' => $part,
            'title' => $demand->part,
            'designators' => $wanted['need']['designators'],
            'unit' => $wanted['need']['unit'],
            'wanted' => $wanted['pieces'],
            'origins' => $wanted['origins'],
            'onHand' => $balance->onHand($part)->toFloat(),
            'onOrder' => $balance->onOrder($part)->toFloat(),
            'needed' => $demand->needed,
            'offers' => count($demand->tariffs),
            'orders' => array_map(
                static fn(int $supplier, int $pieces): array => [
                    'supplierId' => $ids[$supplier],
                    'supplier' => $plan->market->suppliers[$supplier]->name,
                    'currency' => $plan->market->suppliers[$supplier]->currency,
                    'pieces' => $pieces,
                    'unitPrice' => (string) $demand->tariff($supplier)?->unitPrice($pieces),
                    'cost' => OfferBook::money($demand->tariff($supplier)?->cost($pieces) ?? 0),
                ],
                array_keys($plan->orders[$at]),
                array_values($plan->orders[$at]),
            ),
            'nextBest' =>
                $next === null
                    ? null
                    : [
                        'supplier' => $plan->market->suppliers[$next->supplier]->name,
                        'pieces' => $next->pieces,
                        'more' => OfferBook::money($next->total - $plan->total),
                    ],
            'noOffer' => in_array($at, $plan->noOffer, true),
        ];
    }
}
