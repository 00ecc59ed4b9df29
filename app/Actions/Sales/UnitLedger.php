<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Unit;
use App\Models\UnitMove;
use App\Models\UnitState;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\Dealing;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** The append-only book of packed kits; the database keeps where each one is beside it. */
final readonly class UnitLedger
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
            $states = UnitState::query()->whereIn('unit_id', $unitIds)->get()->keyBy('unit_id');
            $entries = [];
            foreach ($unitIds as $id) {
                $now = $states->get($id);
                $where = $now->entry ?? Whereabouts::Unpacked;
                if (!$where->mayBecome($entry)) {
                    throw ImpossibleMove::of(Unit::query()->findOrFail($id)->serial, $where, $entry);
                }
                $entries[] = [
                    'unit_id' => $id,
                    'sequence' => ($now->sequence ?? 0) + 1,
                    'operation_id' => $operationId,
                    'entry' => $entry->value,
                    'order_id' => $orderId,
                    'user_id' => $userId,
                    'note' => $note,
                    'created_at' => now(),
                ];
            }
            foreach (array_chunk($entries, self::CHUNK) as $chunk) {
                UnitMove::query()->insert($chunk);
            }
        });
    }

    public function has(string $operationId): bool
    {
        return UnitMove::query()->where('operation_id', $operationId)->exists();
    }

    /** @return list<list<int>> the kits of each whole one of an article on hand, the oldest first; a single kit is one by itself */
    public function ofArticle(Article $article, int $most): array
    {
        return $article->dealing === Dealing::Single
            ? array_map(static fn(int $unit): array => [$unit], $this->singles($article, $most))
            : $this->packs($article, $most);
    }

    /** @return list<int> */
    private function singles(Article $article, int $most): array
    {
        /** @var list<int> */
        return UnitState::query()
            ->where('kit_id', $article->kit_id)
            ->where('options', $article->options)
            ->where('sealed', false)
            ->whereIn('entry', Whereabouts::onHand())
            ->orderBy('unit_id')
            ->limit($most)
            ->pluck('unit_id')
            ->all();
    }

    /** @return list<list<int>> */
    private function packs(Article $article, int $most): array
    {
        $packs = DB::table('packs_on_hand')
            ->where('kit_id', $article->kit_id)
            ->where('options', $article->options)
            ->where('pack_size', $article->pack_size)
            ->where('dealing', $article->dealing->value)
            ->orderBy('run_id')
            ->orderBy('pack')
            ->limit($most)
            ->select(['run_id', 'pack']);
        $cells = intdiv($article->pack_size, $article->dealing->kitsAtOnce($article->pack_size));

        return array_map(static function (Row $row) use ($cells): array {
            /** @var list<int> */
            return Unit::query()
                ->where('run_id', $row->int('run_id'))
                ->whereBetween('pack', [$row->int('pack') * $cells, ($row->int('pack') + 1) * $cells - 1])
                ->orderBy('id')
                ->pluck('id')
                ->all();
        }, Row::all($packs));
    }
}
