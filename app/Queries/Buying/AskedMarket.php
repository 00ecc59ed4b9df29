<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Models\Shop;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\MarketFiles;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;

/** Those who sell some parts in a currency whose worth is known, as the core compares them; the others are named. */
final readonly class AskedMarket
{
    /**
     * @param list<int> $ids of the suppliers of the market
     * @param array<string, list<Tariff>> $tariffs by part; suppliers by their place in the market
     * @param list<array{supplier: string, currency: string}> $missing who cannot be asked
     */
    private function __construct(
        public Market $market,
        public array $ids,
        public array $tariffs,
        public array $missing,
    ) {}

    /**
     * @param array<int, Supplier> $suppliers by id
     * @param array<string, list<Tariff>> $all by part; suppliers by id
     * @param array<string, Rate> $rates by currency
     */
    public static function of(array $suppliers, array $all, array $rates): self
    {
        $missing = [];
        foreach ($suppliers as $id => $supplier) {
            if (!isset($rates[$supplier->currency])) {
                unset($suppliers[$id]);
                $sells = static fn(Tariff $tariff): bool => $tariff->supplier === $id;
                if (array_filter($all, static fn(array $each): bool => array_filter($each, $sells) !== []) !== []) {
                    $missing[] = ['supplier' => $supplier->name, 'currency' => $supplier->currency];
                }
            }
        }
        $places = array_flip(array_keys($suppliers));
        [$market, $tariffs] = MarketFiles::asked(
            Shop::ours()->currency,
            array_values($suppliers),
            $rates,
            array_map(
                static fn(array $each): array => array_values(
                    array_map(
                        static fn(Tariff $tariff): Tariff => $tariff->of($places[$tariff->supplier]),
                        array_filter($each, static fn(Tariff $tariff): bool => isset($places[$tariff->supplier])),
                    ),
                ),
                array_values($all),
            ),
        );

        return new self(
            $market,
            array_map(
                static fn(Supplier $supplier): int => (int) array_search($supplier, $suppliers, true),
                $market->suppliers,
            ),
            array_combine(array_keys($all), $tariffs),
            $missing,
        );
    }
}
