<?php

declare(strict_types=1);

namespace App\Queries\Stock;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Parts on hand, by part and by lot: pages of what the database keeps beside its book. */
final readonly class PartStock
{
    private const SORTS = [
        'title' => 'lower(parts.title)',
        'onHand' => 'on_hand',
        'lots' => 'lots',
    ];
    /** What has to be counted first, then what is on hold, then by title. */
    private const NEEDED = 'coalesce(least, 0) >= 0, held is not true, lower(parts.title), parts.fingerprint';
    private const COLUMNS = [
        'stock_parts.id',
        'parts.fingerprint',
        'parts.title',
        'library_parts.number',
        'stock_parts.unit',
        'on_hand',
        'lots',
        'held',
        'least',
    ];
    /** Moves of a part that are shown. */
    private const MOVES = 40;

    /** @return array{parts: list<array<string, mixed>>, page: int, pages: int, total: int, toCount: int} what asks for a count first */
    public function page(Page $page): array
    {
        $order = $page->order(self::SORTS, 'parts.fingerprint');
        $strangers = $this->strangers();
        $query = $this->query($strangers);
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('parts.title', 'ilike', $page->pattern())
                    ->orWhere('library_parts.number', 'ilike', $page->pattern())
                    ->orWhereExists(
                        static fn(Builder $lots): Builder => $lots
                            ->from('lots')
                            ->whereColumn('lots.stock_part_id', 'stock_parts.id')
                            ->where('lots.name', 'ilike', $page->pattern()),
                    ),
            );
        }
        $total =
            $page->search === '' ? DB::table('known_parts')->count() + count($strangers) : (clone $query)->count();
        // As it is opened, all parts are too many to be joined and sorted for a page of them.
        $query =
            $page->search === '' && $order === null
                ? $query->whereIn('parts.fingerprint', $this->firstNeeded($page, $strangers))
                : $page->cut($query);
        $query->orderByRaw($order ?? self::NEEDED);
        $rows = Row::all($query->select(self::COLUMNS));

        return [
            'parts' => array_map(self::told(...), $rows),
            'toCount' => DB::table('lot_states')->where('on_hand', '<', 0)->distinct()->count('stock_part_id'),
        ] + $page->told($total);
    }

    /** @return array<string, mixed> a part with its lots and its last moves */
    public function part(string $fingerprint): array
    {
        $row =
            Row::all($this->query([$fingerprint])->where('parts.fingerprint', $fingerprint)->select(self::COLUMNS))[0] ??
            abort(404, 'There is no such part in stock; reload the page.');
        $id = $row->intOrNull('id') ?? 0;

        return self::told($row) + ['allLots' => $this->lots($id), 'moves' => $this->moves($id)];
    }

    /** @return array<string, mixed> the part that a lot is of, with its lots and its last moves */
    public function ofLot(int $lot): array
    {
        $fingerprint = DB::table('lots')
            ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
            ->where('lots.id', $lot)
            ->value('fingerprint');

        return $this->part(is_string($fingerprint) ? $fingerprint : '');
    }

    /** @return array{revision: int, designator: string} a kit that has the part, the newest first */
    public function usedAt(string $fingerprint): array
    {
        $use = Row::first(
            DB::table('kit_parts')
                ->where('fingerprint', $fingerprint)
                ->orderByDesc('revision_id')
                ->select(['revision_id', 'designators']),
        );
        if ($use === null) {
            abort(404, 'No kit has this part any more; look at the piece yourself.');
        }
        /** @var non-empty-list<string> $designators */
        $designators = json_decode($use->text('designators'), true, 8, JSON_THROW_ON_ERROR);

        return ['revision' => $use->int('revision_id'), 'designator' => $designators[0]];
    }

    /** @return list<string> parts that lie in stock and that no kit has: few, and looked for once */
    private function strangers(): array
    {
        return array_values(array_filter(self::unknown()->pluck('fingerprint')->all(), is_string(...)));
    }

    /** Parts in stock that no kit has. */
    private static function unknown(): Builder
    {
        return DB::table('stock_parts')->whereNotExists(
            static fn(Builder $known): Builder => $known
                ->from('known_parts')
                ->whereColumn('known_parts.fingerprint', 'stock_parts.fingerprint'),
        );
    }

    /**
     * @param list<string> $strangers
     * @return list<string> the parts of a page in the order of `NEEDED`: the few that ask for somebody, and the rest by title
     */
    private function firstNeeded(Page $page, array $strangers): array
    {
        $asking = DB::table('lot_states')
            ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
            ->where(static fn(Builder $asks): Builder => $asks->where('on_hand', '<', 0)->orWhere('held', true))
            ->groupBy('stock_parts.id')
            ->orderByRaw('min(on_hand) >= 0, bool_or(held) is not true, lower(title), fingerprint')
            ->pluck('fingerprint')
            ->all();
        $from = ($page->number - 1) * $page->rows;
        $first = array_slice($asking, $from, $page->rows);
        $rest =
            count($first) === $page->rows
                ? []
                : DB::query()
                    ->fromSub($this->parts($strangers), 'parts')
                    ->whereNotIn('fingerprint', $asking)
                    ->orderBy('sorted')
                    ->orderBy('fingerprint')
                    ->offset(max(0, $from - count($asking)))
                    ->limit($page->rows - count($first))
                    ->pluck('fingerprint')
                    ->all();

        return array_values(array_filter([...$first, ...$rest], is_string(...)));
    }

    /**
     * What some kit has, and what lies in stock and no kit has.
     *
     * @param list<string> $strangers those to look among
     */
    private function parts(array $strangers): Builder
    {
        $columns = 'fingerprint, title, lower(title) as sorted';

        return DB::table('known_parts')
            ->selectRaw($columns)
            ->unionAll(self::unknown()->selectRaw($columns)->whereIn('fingerprint', $strangers));
    }

    /** @param list<string> $strangers */
    private function query(array $strangers): Builder
    {
        return DB::query()
            ->fromSub($this->parts($strangers), 'parts')
            ->leftJoin('stock_parts', 'stock_parts.fingerprint', '=', 'parts.fingerprint')
            ->leftJoin('library_parts', 'library_parts.fingerprint', '=', 'parts.fingerprint')
            ->leftJoinSub(
                DB::table('lot_states')
                    ->groupBy('stock_part_id')
                    ->selectRaw(
                        'stock_part_id, sum(on_hand) as on_hand, count(*) filter (where on_hand <> 0) as lots, bool_or(held) as held, min(on_hand) as least',
                    ),
                'sums',
                'sums.stock_part_id',
                '=',
                'stock_parts.id',
            );
    }

    /** @return array<string, mixed> */
    private static function told(Row $row): array
    {
        return [
            'fingerprint' => $row->text('fingerprint'),
            'title' => $row->text('title'),
            'number' => $row->textOrNull('number'),
            'unit' => $row->text('unit') === 'mm' ? 'mm' : 'piece',
            'onHand' => (float) $row->text('on_hand'),
            'lots' => $row->intOrNull('lots') ?? 0,
            'held' => $row->flag('held'),
            'toCount' => (float) $row->text('least') < 0.0,
        ];
    }

    /** @return list<array<string, mixed>> the oldest first; those that are used up last */
    private function lots(int $part): array
    {
        $rows = Row::all(
            DB::table('lot_states')
                ->join('lots', 'lots.id', '=', 'lot_states.lot_id')
                ->leftJoin('bin_lots', static function (JoinClause $join): void {
                    $join->on('bin_lots.lot_id', '=', 'lots.id')->whereNull('emptied_at');
                })
                ->where('lot_states.stock_part_id', $part)
                ->orderByRaw('(on_hand = 0 and not held), received_on, lots.id')
                ->limit(100)
                ->select([
                    'lots.id',
                    'lots.name',
                    'supplier',
                    'received_on',
                    'is_received',
                    'unit_cost',
                    'on_hand',
                    'held',
                    'look',
                    'note',
                    'bin_lots.id as bin',
                ]),
        );

        return array_map(
            static fn(Row $row): array => [
                'id' => $row->int('id'),
                'name' => $row->text('name'),
                'supplier' => $row->text('supplier'),
                'receivedOn' => $row->text('received_on'),
                'isReceived' => $row->flag('is_received'),
                'unitCost' => rtrim(rtrim($row->text('unit_cost'), '0'), '.'),
                'onHand' => (float) $row->text('on_hand'),
                'held' => $row->flag('held'),
                'look' => $row->flag('look'),
                'note' => $row->text('note'),
                'inBin' => $row->has('bin'),
            ],
            $rows,
        );
    }

    /** @return list<array<string, mixed>> the newest first */
    private function moves(int $part): array
    {
        $rows = Row::all(
            DB::table('lot_moves')
                ->join('lots', 'lots.id', '=', 'lot_moves.lot_id')
                ->leftJoin('users', 'users.id', '=', 'lot_moves.user_id')
                ->where('lots.stock_part_id', $part)
                ->orderByDesc('lot_moves.id')
                ->limit(self::MOVES)
                ->select([
                    'lot_moves.id',
                    'lots.name as lot',
                    'entry',
                    'quantity',
                    'run_id',
                    'pack',
                    'users.name',
                    'note',
                    'lot_moves.created_at',
                ]),
        );

        return array_map(
            static fn(Row $row): array => [
                'id' => $row->int('id'),
                'lot' => $row->text('lot'),
                'entry' => $row->text('entry'),
                'quantity' => (float) $row->text('quantity'),
                'run' => $row->intOrNull('run_id'),
                'by' => $row->text('name'),
                'note' => $row->text('note'),
                'at' => $row->time('created_at')->toIso8601String(),
            ],
            $rows,
        );
    }
}
