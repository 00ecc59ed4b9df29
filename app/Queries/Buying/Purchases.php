<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Queries\Page;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;

/** What was ordered, the newest first, with what has come of it. */
final readonly class Purchases
{
    /** @return array<string, mixed> */
    public function page(Page $page): array
    {
        $query = DB::table('purchases');
        $total = (clone $query)->count();

        return ['purchases' => $this->told(Row::all($page->cut($query->orderByDesc('id'))))] + $page->told($total);
    }

    public static function has(int $id): bool
    {
        return DB::table('purchases')->where('id', $id)->exists();
    }

    /** @return array<string, mixed> */
    public function purchase(int $id): array
    {
        return $this->told(Row::all(DB::table('purchases')->where('id', $id)))[0] ??
            abort(404, 'There is no such order to a supplier; reload the page.');
    }

    /**
     * @param list<Row> $purchases
     * @return list<array<string, mixed>>
     */
    private function told(array $purchases): array
    {
        $lines = [];
        foreach ($this->lines(array_map(static fn(Row $row): int => $row->int('id'), $purchases)) as $line) {
            $lines[$line->int('purchase_id')][] = [
                'id' => $line->int('id'),
                'supplierId' => $line->int('supplier_id'),
                'supplier' => $line->text('name'),
                'currency' => $line->text('currency'),
                'part' => $line->text('fingerprint'),
                'title' => $line->text('title'),
                'pieces' => $line->int('pieces'),
                'unitPrice' => (string) BigDecimal::of($line->text('unit_price'))->stripTrailingZeros(),
                'cost' => OfferBook::money($line->int('cost')),
                'received' => (float) $line->text('n'),
                'done' => $line->flag('done'),
            ];
        }

        return array_map(
            static fn(Row $row): array => [
                'id' => $row->int('id'),
                'origins' => json_decode($row->text('origins'), true, 8, JSON_THROW_ON_ERROR),
                'currency' => $row->text('currency'),
                'total' => OfferBook::money($row->int('total')),
                'at' => $row->time('created_at')->toIso8601String(),
                'cancelled' => $row->has('cancelled_at'),
                'lines' => $lines[$row->int('id')] ?? [],
            ],
            $purchases,
        );
    }

    /**
     * @param list<int> $ids
     * @return list<Row>
     */
    private function lines(array $ids): array
    {
        return Row::all(
            DB::table('purchase_lines')
                ->join('suppliers', 'suppliers.id', '=', 'supplier_id')
                ->leftJoinSub(
                    DB::table('purchase_receipts')
                        ->groupBy('purchase_line_id')
                        ->selectRaw('purchase_line_id, sum(quantity) as n, bool_or(is_last) as last'),
                    'came',
                    'came.purchase_line_id',
                    '=',
                    'purchase_lines.id',
                )
                ->whereIn('purchase_id', $ids)
                ->orderByRaw('lower(name), purchase_lines.id')
                ->selectRaw(
                    'purchase_lines.*, name, currency, coalesce(n, 0) as n, (coalesce(last, false) or coalesce(n, 0) >= pieces) as done',
                ),
        );
    }
}
