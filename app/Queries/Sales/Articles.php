<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What the shop sells, with price, stock, and what is promised: pages of what the database keeps beside its books. */
final readonly class Articles
{
    private const NAME = 'coalesce(articles.name, kits.name)';
    private const SORTS = [
        'name' => 'lower(coalesce(articles.name, kits.name))',
        'form' => 'form',
        'onHand' => 'on_hand',
        'price' => 'unit_price',
    ];

    /** @return array{articles: list<array<string, mixed>>, page: int, pages: int, total: int} what is still sold */
    public function page(Page $page): array
    {
        $query = self::query()->whereNull('retired_at');
        if ($page->search !== '') {
            $query->whereRaw(self::NAME . ' ilike ?', [$page->pattern()]);
        }
        $total = (clone $query)->count();
        $order = $page->order(self::SORTS, 'articles.id') ?? 'lower(' . self::NAME . '), pack_size, articles.id';

        return ['articles' => $this->told(Row::all($page->cut($query->orderByRaw($order))->select(self::shown())))] +
            $page->told($total);
    }

    /** @return array<string, mixed> */
    public function article(int $id): array
    {
        return $this->told(Row::all(self::query()->where('articles.id', $id)->select(self::shown())))[0] ??
            abort(404, 'There is no such article any more; reload the page.');
    }

    private static function query(): Builder
    {
        return DB::table('articles')
            ->leftJoin('kits', 'kits.id', '=', 'kit_id')
            ->leftJoinSub(
                DB::table('articles_on_hand')->groupBy('article_id')->selectRaw('article_id, sum(n)::int as on_hand'),
                'hand',
                'hand.article_id',
                '=',
                'articles.id',
            );
    }

    /** @return list<mixed> */
    private static function shown(): array
    {
        return [
            ...['articles.id', 'form', 'kit_id', 'options', 'pack_size', 'dealing', 'unit_price', 'currency'],
            ...['version', 'on_hand', 'kits.name as kit'],
            DB::raw(self::NAME . ' as name'),
        ];
    }

    /**
     * @param list<Row> $rows
     * @return list<array<string, mixed>>
     */
    private function told(array $rows): array
    {
        $ids = array_map(static fn(Row $row): int => $row->int('id'), $rows);
        [$aside, $shipped] = $this->given($ids);
        $wanted = $this->wanted($ids);
        $parts = $this->parts($ids);

        return array_map(static function (Row $row) use ($aside, $shipped, $wanted, $parts): array {
            $id = $row->int('id');

            return [
                'id' => $id,
                'form' => $row->text('form'),
                'name' => $row->text('name'),
                'kit' => $row->textOrNull('kit'),
                'options' => $row->text('options'),
                'packSize' => $row->int('pack_size'),
                'dealing' => $row->text('dealing'),
                'unitPrice' => $row->intOrNull('unit_price'),
                'currency' => $row->textOrNull('currency'),
                'version' => $row->int('version'),
                'onHand' => $row->intOrNull('on_hand') ?? 0,
                'allocated' => $aside[$id] ?? 0,
                'shipped' => $shipped[$id] ?? 0,
                'wanted' => max(0, ($wanted[$id] ?? 0) - ($aside[$id] ?? 0) - ($shipped[$id] ?? 0)),
                'parts' => $parts[$id] ?? [],
            ];
        }, $rows);
    }

    /**
     * @param list<int> $ids
     * @return array{array<int, int>, array<int, int>} article to how many are set aside, and shipped
     */
    private function given(array $ids): array
    {
        $aside = $shipped = [];
        $units = DB::table('unit_articles')
            ->join('articles', 'articles.id', '=', 'article_id')
            ->whereIn('article_id', $ids)
            ->groupBy('article_id', 'pack_size')
            ->selectRaw(
                "article_id, count(*) filter (where entry = 'allocated') / pack_size as aside, count(*) filter (where entry = 'shipped') / pack_size as shipped",
            );
        $goods = DB::table('article_orders')
            ->whereIn('article_id', $ids)
            ->groupBy('article_id')
            ->selectRaw('article_id, sum(allocated) as aside, sum(shipped) as shipped');
        foreach (Row::all($units->unionAll($goods)) as $row) {
            $aside[$row->int('article_id')] = $row->int('aside');
            $shipped[$row->int('article_id')] = $row->int('shipped');
        }

        return [$aside, $shipped];
    }

    /**
     * @param list<int> $ids
     * @return array<int, int>
     */
    private function wanted(array $ids): array
    {
        $wanted = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->whereIn('article_id', $ids)
                    ->groupBy('article_id')
                    ->selectRaw('article_id, sum(quantity)::int as n'),
            ) as $row
        ) {
            $wanted[$row->int('article_id')] = $row->int('n');
        }

        return $wanted;
    }

    /**
     * @param list<int> $ids
     * @return array<int, list<array{title: string, quantity: float, unit: string, onHand: float}>> what one of the goods is made of
     */
    private function parts(array $ids): array
    {
        $parts = [];
        foreach (
            Row::all(
                DB::table('article_parts')
                    ->join('stock_parts', 'stock_parts.id', '=', 'article_parts.stock_part_id')
                    ->leftJoin('lot_states', 'lot_states.stock_part_id', '=', 'stock_parts.id')
                    ->whereIn('article_id', $ids)
                    ->groupBy('article_id', 'stock_parts.id', 'title', 'unit', 'article_parts.quantity')
                    ->orderBy('title')
                    ->selectRaw(
                        'article_id, title, unit, article_parts.quantity, coalesce(sum(on_hand) filter (where not held), 0) as on_hand',
                    ),
            ) as $row
        ) {
            $parts[$row->int('article_id')][] = [
                'title' => $row->text('title'),
                'quantity' => (float) $row->text('quantity'),
                'unit' => $row->text('unit') === 'mm' ? 'mm' : 'piece',
                'onHand' => (float) $row->text('on_hand'),
            ];
        }

        return $parts;
    }
}
