<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Support\Locks;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\LotEntry;
use Chiralex\Supply\LotOnHand;
use Illuminate\Support\Facades\DB;

/** The append-only book of lots: what came in, went out, was counted and held. What is on hand is kept beside it by the database. */
final readonly class LotBook
{
    /**
     * Books one row; sent again it is booked once.
     *
     * @param array{run: int, line: int, pack: int}|array{goods: int}|null $cell of a packing run, or row of the book of goods
     * @param list<int> $beside other lots in the bin
     */
    public function enter(
        int $lot,
        LotEntry $entry,
        BigDecimal $quantity,
        string $operationId,
        ?int $userId,
        string $note = '',
        ?array $cell = null,
        array $beside = [],
    ): void {
        DB::table('lot_moves')->insertOrIgnore([
            'lot_id' => $lot,
            'operation_id' => $operationId,
            'entry' => $entry->value,
            'quantity' => (string) $quantity,
            'run_id' => $cell['run'] ?? null,
            'line' => $cell['line'] ?? null,
            'pack' => $cell['pack'] ?? null,
            'article_move_id' => $cell['goods'] ?? null,
            'beside' => '{' . implode(',', $beside) . '}',
            'user_id' => $userId,
            'note' => mb_substr($note, 0, 200),
            'created_at' => now(),
        ]);
    }

    /** What came in, from whom, and what it cost: once for each lot. */
    public function receive(int $lot, Receipt $receipt, string $operationId, ?int $userId): void
    {
        DB::table('lot_moves')->insert([
            'lot_id' => $lot,
            'operation_id' => $operationId,
            'entry' => LotEntry::Received->value,
            'quantity' => (string) $receipt->quantity,
            'supplier' => $receipt->supplier,
            'received_on' => $receipt->receivedOn,
            'unit_cost' => (string) $receipt->unitCost,
            'user_id' => $userId,
            'created_at' => now(),
        ]);
    }

    public function has(string $operationId): bool
    {
        return DB::table('lot_moves')->where('operation_id', $operationId)->exists();
    }

    /** Nobody else moves lots of the part until the transaction ends. */
    public function lock(int $part): void
    {
        Locks::take('part', [$part]);
    }

    /** @return list<LotOnHand> lots of a part with something on hand, in the bin, or on hold; else the newest */
    public function lots(int $part): array
    {
        $rows = Row::all(
            DB::table('lot_states')
                ->where('stock_part_id', $part)
                ->whereRaw(
                    '(on_hand <> 0 or held or lot_id in (select lot_id from bin_lots where stock_part_id = ? and
                        emptied_at is null) or lot_id = (select max(lot_id) from lot_states where stock_part_id = ?))',
                    [$part, $part],
                )
                ->orderBy('received_on')
                ->orderBy('lot_id')
                ->select(['lot_id', 'on_hand', 'unit_cost', 'received_on', 'held', 'look']),
        );

        return array_map(
            static fn(Row $row): LotOnHand => new LotOnHand(
                $row->int('lot_id'),
                BigDecimal::of($row->text('on_hand')),
                BigDecimal::of($row->text('unit_cost')),
                $row->text('received_on'),
                $row->flag('held'),
                $row->flag('look'),
            ),
            $rows,
        );
    }
}
