<?php

declare(strict_types=1);

namespace App\Queries\Stock;

use App\Models\Run;
use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Kits that have pieces of a lot, or may have where another lot lay in the same bin: those in the shop first. */
final readonly class LotKits
{
    /** Where a kit is once it has left the shop. */
    private const GONE = ['shipped', 'scrapped'];

    /** @return array{serials: list<array{serial: string, bags: string, entry: string, there: bool, sure: bool}>, goods: list<array{name: string, pieces: float}>, page: int, pages: int, total: int} */
    public function page(int $lot, Page $page): array
    {
        $cells = $this->cells($lot)
            ->groupBy('run_id', 'pack')
            ->selectRaw("run_id, pack, string_agg(distinct runs.lines -> line ->> 'bag', ', ') as bags")
            ->selectRaw(...$this->sure($lot));
        $query = $this->joined($cells);
        $total = (clone $query)->count();

        return [
            'serials' => array_map(
                static fn(Row $row): array => [
                    'serial' => $row->text('serial'),
                    'bags' => $row->text('bags'),
                    'entry' => $row->text('entry'),
                    'there' => !in_array($row->text('entry'), self::GONE, true),
                    'sure' => $row->flag('sure'),
                ],
                Row::all($page->cut($query)->select(['serial', 'bags', 'entry', 'sure'])),
            ),
            'goods' => $this->goods($lot),
        ] + $page->told($total);
    }

    /** @return list<array{unit: int, kit: string, serial: string, entry: string, customer: ?int, sure: bool}> all of them, each with who has it */
    public function units(int $lot): array
    {
        $cells = $this->cells($lot)
            ->groupBy('run_id', 'pack')
            ->selectRaw('run_id, pack')
            ->selectRaw(...$this->sure($lot));

        return array_map(
            static fn(Row $row): array => [
                'unit' => $row->int('id'),
                'kit' => $row->text('kit'),
                'serial' => $row->text('serial'),
                'entry' => $row->text('entry'),
                'customer' => $row->intOrNull('customer_id'),
                'sure' => $row->flag('sure'),
            ],
            Row::all(
                $this->joined($cells)
                    ->join('kits', 'kits.id', '=', 'unit_states.kit_id')
                    ->leftJoin('orders', 'orders.id', '=', 'unit_states.order_id')
                    ->select(['units.id', 'kits.name as kit', 'serial', 'entry', 'orders.customer_id', 'sure']),
            ),
        );
    }

    /**
     * Every bag that has pieces of a lot, as it was packed. What is scrapped needs no slip.
     *
     * @return array{title: string, name: string, note: string, bags: list<array{kit: string, revision: int, serial: string, bag: string, places: list<string>, value: string, quantity: int, order: string, there: bool, sure: bool}>}
     */
    public function slips(int $lot): array
    {
        $cells = $this->cells($lot)
            ->groupBy('run_id', 'pack', 'line')
            ->selectRaw('run_id, pack, line')
            ->selectRaw(...$this->sure($lot));
        $rows = Row::all(
            $this->joined($cells)
                ->leftJoin('orders', 'orders.id', '=', 'unit_states.order_id')
                ->where(
                    static fn(Builder $there): Builder => $there
                        ->whereNull('entry')
                        ->orWhere('entry', '<>', 'scrapped'),
                )
                ->orderBy('line')
                ->select(['serial', 'units.run_id', 'line', 'sure', 'entry', 'orders.number as order']),
        );
        $runs = Run::query()
            ->with('release.revision.kit')
            ->whereIn('id', array_unique(array_map(static fn(Row $row): int => $row->int('run_id'), $rows)))
            ->get()
            ->keyBy('id');
        $bags = [];
        foreach ($rows as $row) {
            $run = $runs[$row->int('run_id')] ?? null;
            if ($run === null) {
                continue;
            }
            /** @var array{bag: string, item: array{designators: list<string>, value: string, quantity: int}} $line */
            $line = $run->lines[$row->int('line')];
            $bags[] = [
                'kit' => $run->release->revision->kit->name,
                'revision' => $run->release->revision_id,
                'serial' => $row->text('serial'),
                'bag' => $line['bag'],
                'places' => $line['item']['designators'],
                'value' => $line['item']['value'],
                'quantity' => $line['item']['quantity'],
                'order' => $row->text('order'),
                'there' => !in_array($row->text('entry'), self::GONE, true),
                'sure' => $row->flag('sure'),
            ];
        }
        $of =
            Row::first(
                DB::table('lots')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->join('lot_states', 'lot_states.lot_id', '=', 'lots.id')
                    ->where('lots.id', $lot)
                    ->select(['lots.name', 'stock_parts.title', 'lot_states.note']),
            ) ?? abort(404, 'There is no such lot; reload the page.');

        return [
            'title' => $of->text('title'),
            'name' => $of->text('name'),
            'note' => $of->text('note'),
            'bags' => $bags,
        ];
    }

    /** @return list<array{name: string, pieces: float}> articles that pieces of a lot went into and were not taken out of */
    private function goods(int $lot): array
    {
        return array_map(
            static fn(Row $row): array => ['name' => $row->text('name'), 'pieces' => (float) $row->text('pieces')],
            Row::all(
                DB::table('lot_moves')
                    ->join('article_moves', 'article_moves.id', '=', 'article_move_id')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->where('lot_id', $lot)
                    ->groupBy('articles.id', 'articles.name')
                    ->havingRaw('sum(lot_moves.quantity) < 0')
                    ->orderBy('articles.name')
                    ->selectRaw('articles.name, -sum(lot_moves.quantity) as pieces'),
            ),
        );
    }

    /** Places in runs where pieces of a lot were packed and not taken out again. */
    private function cells(int $lot): Builder
    {
        return DB::table('lot_moves')
            ->where(
                static fn(Builder $either): Builder => $either
                    ->where('lot_id', $lot)
                    ->orWhereRaw("(beside <> '{}' and beside @> array[?]::bigint[])", [$lot]),
            )
            ->join('runs', 'runs.id', '=', 'run_id')
            ->havingRaw('sum(quantity) < 0');
    }

    /** @return array{string, list<int>} whether all of it is surely of the lot */
    private function sure(int $lot): array
    {
        return ['coalesce(sum(quantity) filter (where lot_id = ? and cardinality(beside) = 0), 0) < 0 as sure', [$lot]];
    }

    private function joined(Builder $cells): Builder
    {
        return DB::table('units')
            ->joinSub(
                $cells,
                'cells',
                static fn(JoinClause $join): JoinClause => $join
                    ->on('cells.run_id', '=', 'units.run_id')
                    ->on('cells.pack', '=', 'units.pack'),
            )
            ->leftJoin('unit_states', 'unit_states.unit_id', '=', 'units.id')
            ->orderByRaw("(entry is not null and entry in ('shipped', 'scrapped')), units.id");
    }
}
