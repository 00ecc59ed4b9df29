<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Orders with what is allocated and shipped of them: pages of what the database keeps beside its books. */
final readonly class Sales
{
    private const SHOWN = [
        ...['orders.id', 'number', 'order_states.placed_on', 'customers.name', 'erased_at'],
        ...['wanted', 'allocated', 'shipped', 'stage'],
    ];
    private const SORTS = [
        'number' => 'orders.number',
        'placedOn' => 'order_states.placed_on',
        'customer' => 'lower(customers.name)',
        'stage' => 'order_states.stage',
    ];

    /** @return array{orders: list<array<string, mixed>>, page: int, pages: int, total: int, toShip: int, canShip: int} open ones first, the oldest of them first */
    public function orders(Page $page): array
    {
        $query = self::joined();
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('number', 'ilike', $page->pattern())
                    ->orWhere(
                        static fn(Builder $named): Builder => $named
                            ->whereNull('erased_at')
                            ->where('customers.name', 'ilike', $page->pattern()),
                    )
                    ->orWhereExists(
                        static fn(Builder $lines): Builder => $lines
                            ->from('order_lines')
                            ->join('articles', 'articles.id', '=', 'article_id')
                            ->leftJoin('kits', 'kits.id', '=', 'kit_id')
                            ->whereColumn('order_lines.order_id', 'orders.id')
                            ->whereRaw('coalesce(articles.name, kits.name) ilike ?', [$page->pattern()]),
                    ),
            );
        }
        $total = $page->search === '' ? DB::table('order_states')->count() : (clone $query)->count();
        $query->orderByRaw(
            $page->order(self::SORTS, 'order_states.order_id') ??
                "(stage = 'shipped'), order_states.placed_on, order_states.order_id",
        );

        return [
            'orders' => $this->shown(Row::all($page->cut($query)->select(self::SHOWN))),
        ] +
            $page->told($total) +
            $this->toShip();
    }

    /** @return array<string, mixed> */
    public function order(int $id): array
    {
        $rows = Row::all(self::joined()->where('orders.id', $id)->select(self::SHOWN));

        return $this->shown($rows)[0] ?? abort(404, 'There is no such order.');
    }

    private static function joined(): Builder
    {
        return DB::table('order_states')
            ->join('orders', 'orders.id', '=', 'order_states.order_id')
            ->join('customers', 'customers.id', '=', 'customer_id');
    }

    /** @return array{toShip: int, canShip: int} orders not shipped yet, and those of them that what is on hand fills, each by itself */
    private function toShip(): array
    {
        // What is on hand is counted once for each article that is waited for, not once for each order.
        $counted = Row::first(
            DB::query()
                ->fromSub(
                    DB::table('order_states')
                        ->where('stage', '!=', 'shipped')
                        ->leftJoin('order_lines', 'order_lines.order_id', '=', 'order_states.order_id')
                        ->leftJoin('articles_on_hand as hand', 'hand.article_id', '=', 'order_lines.article_id')
                        ->groupBy('order_states.order_id', 'stage')
                        ->selectRaw(
                            "stage = 'allocated' or coalesce(bool_and(quantity <= coalesce(n, 0)), true) as can",
                        ),
                    'open',
                )
                ->selectRaw('count(*) as open, count(*) filter (where can) as can'),
        );

        return ['toShip' => $counted?->int('open') ?? 0, 'canShip' => $counted?->int('can') ?? 0];
    }

    /**
     * @param list<Row> $orders
     * @return list<array<string, mixed>>
     */
    private function shown(array $orders): array
    {
        $lines = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->leftJoin('kits', 'kits.id', '=', 'kit_id')
                    ->whereIn('order_id', array_map(static fn(Row $row): int => $row->int('id'), $orders))
                    ->orderBy('order_lines.id')
                    ->select([
                        ...['order_id', 'article_id', 'form', 'quantity', 'order_lines.unit_price'],
                        ...['order_lines.currency', 'options', 'pack_size', 'dealing'],
                        DB::raw('coalesce(articles.name, kits.name) as name'),
                    ]),
            ) as $row
        ) {
            $lines[$row->int('order_id')][] = [
                'articleId' => $row->int('article_id'),
                'form' => $row->text('form'),
                'name' => $row->text('name'),
                'quantity' => $row->int('quantity'),
                'unitPrice' => $row->int('unit_price'),
                'currency' => $row->text('currency'),
                'options' => $row->text('options'),
                'packSize' => $row->int('pack_size'),
                'dealing' => $row->text('dealing'),
            ];
        }
        $hand = $this->onHand(
            array_values(array_unique(array_column(array_merge(...array_values($lines), ...[[]]), 'articleId'))),
        );

        return array_map(static function (Row $order) use ($lines, $hand): array {
            $mine = $lines[$order->int('id')] ?? [];

            return [
                'id' => $order->int('id'),
                'number' => $order->text('number'),
                'placedOn' => $order->text('placed_on'),
                'customer' => $order->has('erased_at') ? 'erased' : $order->text('name'),
                'lines' => $mine,
                'wanted' => $order->int('wanted'),
                'allocated' => $order->int('allocated'),
                'shipped' => $order->int('shipped'),
                'stage' => $order->text('stage'),
                'canAllocate' =>
                    $order->text('stage') === 'open' &&
                    array_filter(
                        $mine,
                        static fn(array $line): bool => ($hand[$line['articleId']] ?? 0) < $line['quantity'],
                    ) === [],
            ];
        }, $orders);
    }

    /**
     * @param list<int> $articles
     * @return array<int, int> article to how many of it are on hand
     */
    private function onHand(array $articles): array
    {
        $hand = [];
        foreach (
            Row::all(
                DB::table('articles_on_hand')
                    ->whereIn('article_id', $articles)
                    ->select(['article_id', 'n']),
            ) as $row
        ) {
            $hand[$row->int('article_id')] = $row->int('n');
        }

        return $hand;
    }
}
