<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\Whereabouts;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The append-only book of packed kits; the database keeps where each one is beside it. */
final readonly class KitLedger
{
    private const CHUNK = 1000;

    /**
     * Writes one row for each kit, or none at all.
     *
     * @param list<int> $unitIds
     * @throws ImpossibleMove when one of them cannot go there from where it is
     */
    public function enter(
        array $unitIds,
        Whereabouts $entry,
        string $operationId,
        ?int $orderId,
        ?int $userId,
        string $note = '',
    ): void {
        DB::transaction(function () use ($unitIds, $entry, $operationId, $orderId, $userId, $note): void {
            Locks::take('unit', $unitIds);
            $last = [];
            foreach (Row::all(DB::table('unit_states')->whereIn('unit_id', $unitIds)) as $row) {
                $last[$row->int('unit_id')] = $row;
            }
            $entries = [];
            foreach ($unitIds as $id) {
                $now = $last[$id] ?? null;
                $where = $now === null ? Whereabouts::Unpacked : Whereabouts::from($now->text('entry'));
                if (!$where->mayBecome($entry)) {
                    throw ImpossibleMove::of(
                        Row::first(DB::table('units')->where('id', $id))?->text('serial') ?? '',
                        $where,
                        $entry,
                    );
                }
                $entries[] = [
                    'unit_id' => $id,
                    'sequence' => $now === null ? 1 : $now->int('sequence') + 1,
                    'operation_id' => $operationId,
                    'entry' => $entry->value,
                    'order_id' => $orderId,
                    'user_id' => $userId,
                    'note' => $note,
                    'created_at' => now(),
                ];
            }
            foreach (array_chunk($entries, self::CHUNK) as $chunk) {
                DB::table('kit_ledger')->insert($chunk);
            }
        });
    }

    public function has(string $operationId): bool
    {
        return DB::table('kit_ledger')->where('operation_id', $operationId)->exists();
    }

    /** Where each kit is now, with its unit, release and revision. */
    public function ofKits(): Builder
    {
        return DB::table('unit_states')
            ->join('units', 'units.id', '=', 'unit_states.unit_id')
            ->join('releases', 'releases.id', '=', 'units.release_id')
            ->join('revisions', 'revisions.id', '=', 'releases.revision_id');
    }

    /** @return list<int> kits on hand that were packed with these options, the oldest first */
    public function onHand(int $kitId, string $options, int $most): array
    {
        /** @var list<int> */
        return DB::table('unit_states')
            ->where('kit_id', $kitId)
            ->where('options', $options)
            ->whereIn('entry', ['packed', 'freed'])
            ->orderBy('unit_id')
            ->limit($most)
            ->pluck('unit_id')
            ->all();
    }
}
