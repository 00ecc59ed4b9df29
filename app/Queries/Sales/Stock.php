<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Packed kits on hand, and every move of one: pages of what the database keeps beside its book. */
final readonly class Stock
{
    private const STOCK = [
        'kit' => 'lower(name)',
        'onHand' =>
            "(select count(*) from unit_states where kit_id = kits.id and entry in ('packed', 'freed', 'opened') and not sealed)",
        'allocated' => "(select count(*) from unit_states where kit_id = kits.id and entry = 'allocated')",
        'shipped' => "(select count(*) from unit_states where kit_id = kits.id and entry = 'shipped')",
    ];
    private const MOVES = [
        'at' => 'unit_moves.id',
        'serial' => 'serial',
        'entry' => 'entry',
        'order' => 'orders.number',
        'by' => 'users.name',
    ];

    /** @return array{kits: list<array<string, mixed>>, page: int, pages: int, total: int} */
    public function kits(Page $page): array
    {
        $query = DB::table('kits')->whereNull('put_aside_at');
        if ($page->search !== '') {
            $query->where('name', 'ilike', $page->pattern());
        }
        $total = (clone $query)->count();
        $kits = Row::all(
            $page
                ->cut($query->orderByRaw($page->order(self::STOCK, 'id') ?? 'lower(name), id'))
                ->select(['id', 'name']),
        );
        $ids = array_map(static fn(Row $kit): int => $kit->int('id'), $kits);
        $counts = $wanted = [];
        foreach (
            Row::all(
                DB::table('unit_states')
                    ->whereIn('kit_id', $ids)
                    ->groupBy('kit_id', 'entry', 'sealed')
                    ->selectRaw(
                        "kit_id, case when sealed and entry in ('packed', 'freed') then 'sealed' else entry end as entry, count(*) as n",
                    ),
            ) as $row
        ) {
            $counts[$row->int('kit_id')][$row->text('entry')] =
                ($counts[$row->int('kit_id')][$row->text('entry')] ?? 0) + $row->int('n');
        }
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->whereIn('form', ['kit', 'class'])
                    ->whereIn('kit_id', $ids)
                    ->groupBy('kit_id')
                    ->selectRaw('kit_id, sum(quantity * pack_size) as n'),
            ) as $row
        ) {
            $wanted[$row->int('kit_id')] = $row->int('n');
        }

        $packs = $this->packs($ids);
        $runsOut = new RunsOut($ids);

        return [
            'kits' => array_map(static function (Row $kit) use ($counts, $wanted, $packs, $runsOut): array {
                $of = static fn(string ...$entries): int => array_sum(
                    array_map(static fn(string $entry): int => $counts[$kit->int('id')][$entry] ?? 0, $entries),
                );
                [$allocated, $shipped] = [$of('allocated'), $of('shipped')];
                $open = max(0, ($wanted[$kit->int('id')] ?? 0) - $allocated - $shipped);
                $free = $of('packed', 'freed', 'opened');
                foreach ($packs[$kit->int('id')] ?? [] as ['n' => $n, 'size' => $size]) {
                    $free += $n * $size;
                }

                return [
                    'kitId' => $kit->int('id'),
                    'kit' => $kit->text('name'),
                    'onHand' => $of('packed', 'freed', 'opened'),
                    'packs' => $packs[$kit->int('id')] ?? [],
                    'allocated' => $allocated,
                    'shipped' => $shipped,
                    'wanted' => $open,
                    'runsOut' => $runsOut->of($kit->int('id'), $free - $open),
                ];
            }, $kits),
        ] + $page->told($total);
    }

    /** @return array{ledger: list<array<string, mixed>>, page: int, pages: int, total: int} moves of kits, the newest first */
    public function moves(Page $page): array
    {
        $query = DB::table('unit_moves')
            ->join('units', 'units.id', '=', 'unit_id')
            ->leftJoin('orders', 'orders.id', '=', 'order_id');
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('serial', 'ilike', $page->pattern())
                    ->orWhere('orders.number', 'ilike', $page->pattern())
                    ->orWhere('entry', 'ilike', $page->pattern()),
            );
        }
        $total = $page->search === '' ? DB::table('unit_moves')->count() : (clone $query)->count();
        $order = $page->order(self::MOVES, 'unit_moves.id desc');
        if ($page->search === '' && $order === null) {
            // The newest first is the book's own order: only the rows of the page are joined with what they name.
            $query->joinSub(
                $page->cut(DB::table('unit_moves')->orderByDesc('id')->select('id')),
                'shown',
                'shown.id',
                '=',
                'unit_moves.id',
            );
        } else {
            $page->cut($query);
        }
        $rows = Row::all(
            $query
                ->leftJoin('users', 'users.id', '=', 'unit_moves.user_id')
                ->orderByRaw($order ?? 'unit_moves.id desc')
                ->select([
                    'unit_moves.id',
                    'serial',
                    'entry',
                    'orders.number',
                    'users.name',
                    'note',
                    'unit_moves.created_at',
                ]),
        );

        return [
            'ledger' => array_map(
                static fn(Row $row): array => [
                    'id' => $row->int('id'),
                    'serial' => $row->text('serial'),
                    'entry' => $row->text('entry'),
                    'order' => $row->textOrNull('number'),
                    'by' => $row->text('name'),
                    'note' => $row->text('note'),
                    'at' => $row->time('created_at')->toIso8601String(),
                ],
                $rows,
            ),
        ] + $page->told($total);
    }

    /**
     * @param list<int> $kits
     * @return array<int, list<array{articleId: int, size: int, dealing: string, options: string, n: int}>> class packs on hand that nobody has opened
     */
    private function packs(array $kits): array
    {
        $packs = [];
        foreach (
            Row::all(
                DB::table('articles_on_hand')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->whereIn('kit_id', $kits)
                    ->where('form', 'class')
                    ->orderBy('pack_size')
                    ->orderBy('dealing')
                    ->orderBy('options')
                    ->select(['articles.id', 'kit_id', 'options', 'pack_size', 'dealing', 'n']),
            ) as $row
        ) {
            $packs[$row->int('kit_id')][] = [
                'articleId' => $row->int('id'),
                'size' => $row->int('pack_size'),
                'dealing' => $row->text('dealing'),
                'options' => $row->text('options'),
                'n' => $row->int('n'),
            ];
        }

        return $packs;
    }
}
