<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Support\Row;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** All that is known of one order: as the lists show it, where it goes, which kits left with it, and what changed since it came. */
final readonly class OrderSheet
{
    public function __construct(private Sales $sales) {}

    /** @return array<string, mixed> */
    public function of(int $id): array
    {
        $customer =
            Row::first(
                DB::table('orders')
                    ->join('customers', 'customers.id', '=', 'customer_id')
                    ->where('orders.id', $id)
                    ->select(['customer_id', 'email', 'address', 'source']),
            ) ?? abort(404, 'There is no such order.');
        $changes = $this->changes($id);

        return [
            'order' => $this->sales->order($id),
            'seen' => count($changes),
            'source' => $customer->text('source'),
            'customerId' => $customer->int('customer_id'),
            'email' => $customer->textOrNull('email') ?? '',
            'address' => $customer->textOrNull('address') ?? '',
            'gone' => [...$this->kits($id), ...$this->goods($id)],
            'changes' => $changes,
        ];
    }

    /** @return list<array{articleId: int, article: string, serial: ?string, quantity: int}> */
    private function kits(int $id): array
    {
        return array_map(
            static fn(Row $row): array => [
                'articleId' => $row->int('article_id'),
                'article' => $row->text('name'),
                'serial' => $row->text('serial'),
                'quantity' => 1,
            ],
            Row::all(
                DB::table('unit_articles')
                    ->join('units', 'units.id', '=', 'unit_id')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->join('kits', 'kits.id', '=', 'articles.kit_id')
                    ->where('order_id', $id)
                    ->where('entry', Whereabouts::Shipped->value)
                    ->orderBy('serial')
                    ->select(['article_id', 'kits.name', 'serial']),
            ),
        );
    }

    /** @return list<array{articleId: int, article: string, serial: ?string, quantity: int}> */
    private function goods(int $id): array
    {
        return array_map(
            static fn(Row $row): array => [
                'articleId' => $row->int('article_id'),
                'article' => $row->text('name'),
                'serial' => null,
                'quantity' => $row->int('shipped'),
            ],
            Row::all(
                DB::table('article_orders')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->where('order_id', $id)
                    ->where('shipped', '>', 0)
                    ->orderBy('article_id')
                    ->select(['article_id', 'name', 'shipped']),
            ),
        );
    }

    /** @return list<array{kind: string, note: string, by: string, at: string, lines: list<array{article: string, quantity: int}>}> the newest first */
    private function changes(int $id): array
    {
        $lines = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->leftJoin('kits', 'kits.id', '=', 'kit_id')
                    ->where('order_id', $id)
                    ->whereNotNull('order_change_id')
                    ->groupBy('order_change_id', 'articles.id', 'articles.name', 'kits.name')
                    ->havingRaw('sum(quantity) <> 0')
                    ->orderByRaw('min(order_lines.id)')
                    ->selectRaw('order_change_id, coalesce(articles.name, kits.name) as name, sum(quantity)::int as n'),
            ) as $row
        ) {
            $lines[$row->int('order_change_id')][] = ['article' => $row->text('name'), 'quantity' => $row->int('n')];
        }

        return array_map(
            static fn(Row $row): array => [
                'kind' => $row->text('kind'),
                'note' => $row->text('note'),
                'by' => $row->text('by'),
                'at' => $row->time('created_at')->toIso8601String(),
                'lines' => $lines[$row->int('id')] ?? [],
            ],
            Row::all(
                DB::table('order_changes')
                    ->leftJoin('users', 'users.id', '=', 'user_id')
                    ->where('order_id', $id)
                    ->orderByDesc('order_changes.id')
                    ->selectRaw(
                        "order_changes.id, kind, note, coalesce(users.name, '') as by, order_changes.created_at",
                    ),
            ),
        );
    }
}
