<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Queries\Page;
use App\Support\Row;
use Chiralex\Trade\Promise;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Orders with what is allocated and shipped of them: pages of what the database keeps beside its books. */
final readonly class Sales
{
    private const SHOWN = [
        ...['orders.id', 'number', 'order_states.placed_on', 'customers.name', 'erased_at'],
        ...['wanted', 'allocated', 'shipped', 'stage'],
    ];
    /** Orders that a strip shows. */
    private const STRIP = 200;
    private const SORTS = [
        'number' => 'orders.number',
        'placedOn' => 'order_states.placed_on',
        'customer' => 'lower(customers.name)',
        'stage' => 'order_states.stage',
    ];

    public function __construct(private Promised $promised) {}

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
        $query->orderByRaw($page->order(self::SORTS, 'order_states.order_id') ?? 'closed, turn');

        $outlook = $this->promised->outlook();
        $aside = DB::table('order_states')->where('stage', 'allocated')->count();
        $today = array_filter($outlook->promises, static fn(Promise $promise): bool => $promise->isToday());

        return [
            'orders' => $this->shown(Row::all($page->cut($query)->select(self::SHOWN)), $outlook),
        ] +
            $page->told($total) + ['toShip' => $aside + count($outlook->promises), 'canShip' => $aside + count($today)];
    }

    /** @return array{orders: list<array<string, mixed>>, more: int, pace: array{days: int, packed: list<int>}} what is not shipped, in its turn, how many are left out, and the kits of each packing day of so many */
    public function strip(): array
    {
        $query = self::joined()->where('closed', false);
        $total = (clone $query)->count();
        $rows = Row::all($query->orderBy('turn')->limit(self::STRIP)->select(self::SHOWN));

        $outlook = $this->promised->outlook();

        return [
            'orders' => $this->shown($rows, $outlook),
            'more' => $total - count($rows),
            'pace' => ['days' => $outlook->pace->days, 'packed' => $outlook->pace->packed],
        ];
    }

    /** @return array<string, mixed> */
    public function order(int $id): array
    {
        $rows = Row::all(self::joined()->where('orders.id', $id)->select(self::SHOWN));

        return $this->shown($rows, $this->promised->outlook())[0] ?? abort(404, 'There is no such order.');
    }

    private static function joined(): Builder
    {
        return DB::table('order_states')
            ->join('orders', 'orders.id', '=', 'order_states.order_id')
            ->join('customers', 'customers.id', '=', 'customer_id');
    }

    /**
     * @param list<Row> $orders
     * @return list<array<string, mixed>>
     */
    private function shown(array $orders, Outlook $outlook): array
    {
        $lines = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->leftJoin('kits', 'kits.id', '=', 'kit_id')
                    ->whereIn('order_id', array_map(static fn(Row $row): int => $row->int('id'), $orders))
                    ->groupBy('order_id', 'articles.id', 'kits.id', 'order_lines.unit_price', 'order_lines.currency')
                    ->havingRaw('sum(quantity) > 0')
                    ->orderByRaw('min(order_lines.id)')
                    ->selectRaw(
                        'order_id, articles.id as article_id, articles.kit_id, form, sum(quantity)::int as quantity,
                        order_lines.unit_price, order_lines.currency, options, pack_size, dealing,
                        coalesce(articles.name, kits.name) as name',
                    ),
            ) as $row
        ) {
            $lines[$row->int('order_id')][] = [
                'articleId' => $row->int('article_id'),
                'kitId' => $row->intOrNull('kit_id'),
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
        $tracking = self::tracking(array_map(static fn(Row $row): int => $row->int('id'), $orders));
        $hand = $this->onHand(
            array_values(array_unique(array_column(array_merge(...array_values($lines), ...[[]]), 'articleId'))),
        );

        return array_map(static function (Row $order) use ($lines, $hand, $outlook, $tracking): array {
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
                'tracking' => $tracking[$order->int('id')] ?? '',
                'canAllocate' =>
                    $order->text('stage') === 'open' &&
                    array_filter(
                        $mine,
                        static fn(array $line): bool => ($hand[$line['articleId']] ?? 0) < $line['quantity'],
                    ) === [],
                'promise' => self::told($outlook, $order->int('id'), $mine),
            ];
        }, $orders);
    }

    /**
     * @param list<int> $orders
     * @return array<int, string> order to the number its carrier knows it by
     */
    private static function tracking(array $orders): array
    {
        $numbers = [];
        foreach (
            Row::all(
                DB::table('order_changes')
                    ->where('kind', 'tracked')
                    ->whereIn('order_id', $orders)
                    ->orderBy('id')
                    ->select(['order_id', 'note']),
            ) as $row
        ) {
            $numbers[$row->int('order_id')] = $row->text('note');
        }

        return $numbers;
    }

    /**
     * @param list<array<string, mixed>> $lines of the order
     * @return ?array{today: bool, day: ?string, chance: ?float, runs: list<int>, missing: list<array{articleId: int, quantity: int}>} of an open order
     */
    private static function told(Outlook $outlook, int $order, array $lines): ?array
    {
        $promise = $outlook->promises[$order] ?? null;
        if ($promise === null) {
            return null;
        }
        $day = $outlook->dayOf($promise);

        return [
            'today' => $lines !== [] && $promise->isToday(),
            'day' => $day === null ? null : now()->addDays($day[0])->toDateString(),
            'chance' => $day === null ? null : round($day[1], 3),
            'runs' => array_map(intval(...), $promise->from),
            'missing' => array_map(
                static fn(int $article, int $quantity): array => ['articleId' => $article, 'quantity' => $quantity],
                array_keys($promise->missing),
                $promise->missing,
            ),
        ];
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
