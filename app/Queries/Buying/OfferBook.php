<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Models\Shop;
use App\Queries\Page;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Who sells what at which price today: of each supplier and part the newest offer. */
final readonly class OfferBook
{
    /** @return array<int, Supplier> by id */
    public function suppliers(): array
    {
        $suppliers = [];
        foreach (Row::all(DB::table('suppliers')->orderByRaw('lower(name)')) as $row) {
            $suppliers[$row->int('id')] = new Supplier(
                $row->text('name'),
                $row->text('currency'),
                $row->int('shipping'),
                $row->intOrNull('free_from'),
                $row->intOrNull('least_order'),
                $row->intOrNull('lead_days'),
            );
        }

        return $suppliers;
    }

    /**
     * @param list<string> $parts
     * @return array<string, list<Tariff>> by part; suppliers by their id
     */
    public function tariffs(array $parts): array
    {
        $tariffs = [];
        foreach (Row::all(self::newest()->whereIn('fingerprint', $parts)) as $row) {
            $breaks = array_map(
                static fn(array $each): array => ['from' => $each['from'], 'price' => BigDecimal::of($each['price'])],
                self::breaks($row),
            );
            if ($breaks !== []) {
                $tariffs[$row->text('fingerprint')][] = Tariff::with(
                    $row->int('supplier_id'),
                    $breaks,
                    $row->int('minimum'),
                    $row->int('multiple'),
                    $row->intOrNull('available'),
                );
            }
        }

        return $tariffs;
    }

    /** @return array<string, array{rate: Rate, text: string, since: ?string}> by currency; that of the shop is one */
    public function rates(): array
    {
        $rates = [Shop::ours()->currency => ['rate' => Rate::same(), 'text' => '1', 'since' => null]];
        foreach (
            Row::all(
                DB::table('rates')
                    ->selectRaw('distinct on (currency) currency, rate, created_at')
                    ->orderByRaw('currency, id desc'),
            ) as $row
        ) {
            $text = (string) BigDecimal::of($row->text('rate'))->stripTrailingZeros();
            $rate = Rate::parse($text);
            if ($rate !== null) {
                $rates[$row->text('currency')] ??= [
                    'rate' => $rate,
                    'text' => $text,
                    'since' => $row->time('created_at')->toDateString(),
                ];
            }
        }

        return $rates;
    }

    /** @return array{suppliers: list<array<string, mixed>>, rates: list<array<string, mixed>>, currency: string} */
    public function sheet(): array
    {
        $used = array_filter(
            DB::table('suppliers')->distinct()->orderBy('currency')->pluck('currency')->all(),
            static fn(mixed $currency): bool => $currency !== Shop::ours()->currency,
        );
        $rates = $this->rates();

        return [
            'currency' => Shop::ours()->currency,
            'suppliers' => array_map(
                static fn(Row $row): array => [
                    'id' => $row->int('id'),
                    'version' => $row->int('version'),
                    'name' => $row->text('name'),
                    'currency' => $row->text('currency'),
                    'shipping' => self::money($row->int('shipping')),
                    'freeFrom' => self::money($row->intOrNull('free_from')),
                    'leastOrder' => self::money($row->intOrNull('least_order')),
                    'leadDays' => $row->intOrNull('lead_days'),
                    'parts' => $row->int('parts'),
                ],
                Row::all(
                    DB::table('suppliers')
                        ->orderByRaw('lower(name)')
                        ->selectRaw(
                            'suppliers.*, (select count(distinct fingerprint) from offers where supplier_id = suppliers.id) as parts',
                        ),
                ),
            ),
            'rates' => array_values(
                array_map(
                    static fn(string $currency): array => [
                        'currency' => $currency,
                        'rate' => $rates[$currency]['text'] ?? null,
                        'since' => $rates[$currency]['since'] ?? null,
                    ],
                    array_filter($used, is_string(...)),
                ),
            ),
        ];
    }

    /** @return array<string, mixed> a page of the offers that count, by part and supplier */
    public function page(Page $page): array
    {
        $query = DB::query()
            ->fromSub(self::newest(), 'newest')
            ->join('suppliers', 'suppliers.id', '=', 'supplier_id')
            ->leftJoin('known_parts', 'known_parts.fingerprint', '=', 'newest.fingerprint')
            ->whereRaw('jsonb_array_length(breaks) > 0');
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('title', 'ilike', $page->pattern())
                    ->orWhere('newest.fingerprint', 'ilike', $page->pattern())
                    ->orWhere('name', 'ilike', $page->pattern()),
            );
        }
        $total = (clone $query)->count();
        $rows = Row::all(
            $page
                ->cut($query->orderByRaw('lower(coalesce(title, newest.fingerprint)), lower(name), newest.id'))
                ->selectRaw('newest.*, title, name, currency'),
        );

        return [
            'offers' => array_map(
                static fn(Row $row): array => [
                    'part' => $row->text('fingerprint'),
                    'title' => $row->textOrNull('title') ?? $row->text('fingerprint'),
                    'supplier' => $row->text('name'),
                    'currency' => $row->text('currency'),
                    'breaks' => self::breaks($row),
                    'minimum' => $row->int('minimum'),
                    'multiple' => $row->int('multiple'),
                    'available' => $row->intOrNull('available'),
                    'givenOn' => $row->text('given_on'),
                ],
                $rows,
            ),
        ] + $page->told($total);
    }

    private static function newest(): Builder
    {
        return DB::table('offers')
            ->selectRaw('distinct on (fingerprint, supplier_id) offers.*')
            ->orderByRaw('fingerprint, supplier_id, given_on desc, id desc');
    }

    /** @return list<array{from: int, price: string}> */
    private static function breaks(Row $row): array
    {
        /** @var list<array{from: int, price: string}> */
        return json_decode($row->text('breaks'), true, 8, JSON_THROW_ON_ERROR);
    }

    /** @return ($minor is null ? null : string) */
    public static function money(?int $minor): ?string
    {
        return $minor === null ? null : (string) BigDecimal::ofUnscaledValue($minor, 2);
    }
}
