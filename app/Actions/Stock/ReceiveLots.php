<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\Lot;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Books what came in, all of it or nothing; a lot that a packer has named before it was booked is filled. */
final readonly class ReceiveLots
{
    public function __construct(private LotBook $book, private StockParts $parts) {}

    /**
     * @param non-empty-list<Receipt> $receipts
     * @return list<int> the lots
     * @throws ImpossibleLot when a part is in no kit, or a lot of that name was received before
     */
    public function __invoke(array $receipts, string $operationId, ?int $userId): array
    {
        return DB::transaction(function () use ($receipts, $operationId, $userId): array {
            $lots = [];
            foreach ($receipts as $row => $receipt) {
                $lots[] = $this->receive($receipt, Uuid::uuid5($operationId, "row {$row}")->toString(), $userId);
            }
            Audit::record($userId, 'lots.receive', null, ['lots' => $lots]);

            return $lots;
        });
    }

    /** @throws ImpossibleLot */
    private function receive(Receipt $receipt, string $operationId, ?int $userId): int
    {
        $title = DB::table('known_parts')->where('fingerprint', $receipt->fingerprint)->value('title');
        $known = DB::table('stock_parts')->where('fingerprint', $receipt->fingerprint)->exists();
        if (!is_string($title) && !$known) {
            throw ImpossibleLot::unknownPart($receipt->fingerprint);
        }
        $part = $this->parts->ensure($receipt->fingerprint, is_string($title) ? $title : '');
        $this->book->lock($part);
        $lot = Lot::query()
            ->where('stock_part_id', $part)
            ->whereRaw('lower(name) = ?', [mb_strtolower($receipt->lot)])
            ->first();
        $before =
            $lot === null
                ? null
                : DB::table('lot_moves')->where('lot_id', $lot->id)->where('entry', 'received')->value('operation_id');
        if ($lot !== null && $before === $operationId) {
            return $lot->id;
        }
        if ($before !== null) {
            throw ImpossibleLot::named($receipt->lot);
        }
        $lot ??= Lot::query()->create([
            'operation_id' => $operationId,
            'stock_part_id' => $part,
            'name' => $receipt->lot,
            'user_id' => $userId,
        ]);
        $this->book->receive($lot->id, $receipt, $operationId, $userId);

        return $lot->id;
    }
}
