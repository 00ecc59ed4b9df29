<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\Whereabouts;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The append-only book of packed kits: where each one is, is its last row. */
final readonly class KitLedger
{
    /**
     * Writes one row for each kit, or none at all.
     *
     * @param list<int> $unitIds
     * @throws ImpossibleMove when one of them cannot go there from where it is
     */
    public function enter(array $unitIds, Whereabouts $entry, string $operationId, ?int $orderId, ?int $userId, string $note = ''): void
    {
        DB::transaction(function () use ($unitIds, $entry, $operationId, $orderId, $userId, $note): void {
            Locks::take('unit', $unitIds);
            $last = [];
            foreach (Row::all(DB::query()->fromSub($this->latest(), 'last')->whereIn('unit_id', $unitIds)) as $row) {
                $last[$row->int('unit_id')] = $row;
            }
            foreach ($unitIds as $id) {
                $now = $last[$id] ?? null;
                $where = $now === null ? Whereabouts::Unpacked : Whereabouts::from($now->text('entry'));
                if (!$where->mayBecome($entry)) {
                    throw ImpossibleMove::of(Row::first(DB::table('units')->where('id', $id))?->text('serial') ?? '', $where, $entry);
                }
                DB::table('kit_ledger')->insert(['unit_id' => $id, 'sequence' => $now === null ? 1 : $now->int('sequence') + 1, 'operation_id' => $operationId, 'entry' => $entry->value, 'order_id' => $orderId, 'user_id' => $userId, 'note' => $note, 'created_at' => now()]);
            }
        });
    }

    public function has(string $operationId): bool
    {
        return DB::table('kit_ledger')->where('operation_id', $operationId)->exists();
    }

    /** One row for each kit that was ever packed. */
    public function latest(): Builder
    {
        return DB::table('kit_ledger')->selectRaw('distinct on (unit_id) unit_id, sequence, entry, order_id, created_at')->orderBy('unit_id')->orderByDesc('sequence');
    }

    /** The last row of every packed kit as `last`, with its unit, release and revision. */
    public function ofKits(): Builder
    {
        return DB::query()->fromSub($this->latest(), 'last')->join('units', 'units.id', '=', 'last.unit_id')->join('releases', 'releases.id', '=', 'units.release_id')->join('revisions', 'revisions.id', '=', 'releases.revision_id')->join('runs', 'runs.id', '=', 'units.run_id');
    }

    /** @return list<int> kits on hand that were packed with these options, the oldest first */
    public function onHand(int $kitId, string $options, int $most): array
    {
        /** @var list<int> */
        return $this->ofKits()
            ->where('revisions.kit_id', $kitId)->where('runs.options', $options)->whereIn('entry', ['packed', 'freed'])->orderBy('units.id')->limit($most)->pluck('units.id')->all();
    }
}
