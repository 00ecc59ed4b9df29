<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\Lot;
use App\Support\Audit;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\LotEntry;
use Illuminate\Support\Facades\DB;

/** Books by hand what happened to a lot: counted, wasted, sent, returned, corrected, held, freed. */
final readonly class MoveLot
{
    public function __construct(private LotBook $book) {}

    /**
     * @param BigDecimal $quantity what is there where it was counted, the difference where it is corrected, else what moved; 0 or more
     *     but for a correction
     * @throws ImpossibleLot when more goes out than is there, or the lot is held or free already
     */
    public function __invoke(
        int $lotId,
        LotEntry $entry,
        BigDecimal $quantity,
        string $note,
        string $operationId,
        ?int $userId,
    ): void {
        DB::transaction(function () use ($lotId, $entry, $quantity, $note, $operationId, $userId): void {
            $lot = Lot::query()->findOrFail($lotId);
            $this->book->lock($lot->stock_part_id);
            if ($this->book->has($operationId)) {
                return;
            }
            $now = Row::first(DB::table('lot_states')->where('lot_id', $lotId));
            $there = BigDecimal::of($now?->text('on_hand') ?? '0');
            $isHeld = $now?->flag('held') ?? false;
            if ($entry === LotEntry::Held && $isHeld) {
                throw ImpossibleLot::alreadyHeld($lot->name);
            }
            if ($entry === LotEntry::Freed && !$isHeld) {
                throw ImpossibleLot::notHeld($lot->name);
            }
            $change = match (true) {
                !$entry->movesPieces() => BigDecimal::zero(),
                $entry === LotEntry::Counted => $quantity->minus($there),
                $entry->direction() < 0 => $quantity->negated(),
                default => $quantity,
            };
            if ($entry->direction() < 0 && $there->plus($change)->isLessThan(0)) {
                throw ImpossibleLot::moreThanThere(
                    $lot->name,
                    (string) $there->stripTrailingZeros(),
                    (string) $quantity,
                );
            }
            $this->book->enter($lotId, $entry, $change, $operationId, $userId, $note);
            Audit::record($userId, "lot.{$entry->value}", null, [
                'lot' => $lotId,
                'change' => (string) $change,
                'note' => $note,
            ]);
        });
    }
}
