<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\Mail\DraftMails;
use App\Actions\Sales\UnitLedger;
use App\Models\Lot;
use App\Models\LotStop;
use App\Models\UnitState;
use App\Queries\Stock\LotKits;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\LotEntry;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Stops a bad lot in one go: the lot is held, the kits with pieces of it that lie in the shop are held, set aside for an order or not, and
 * a letter to each customer who has one is drafted. All of it can be taken back.
 */
final readonly class StopLot
{
    public function __construct(
        private LotBook $book,
        private MoveLot $move,
        private UnitLedger $ledger,
        private LotKits $kits,
        private DraftMails $drafts,
    ) {}

    /** @param string $letter to every customer, with `{name}` and `{kits}`; empty for none */
    public function __invoke(
        int $lotId,
        string $note,
        string $subject,
        string $letter,
        string $operationId,
        ?int $userId,
    ): LotStop {
        return DB::transaction(function () use ($lotId, $note, $subject, $letter, $operationId, $userId): LotStop {
            $lot = Lot::query()->findOrFail($lotId);
            $this->book->lock($lot->stock_part_id);
            $before = LotStop::ofLot($lotId);
            if ($before !== null) {
                return $before;
            }
            $isHeld = DB::table('lot_states')->where('lot_id', $lotId)->value('held') === true;
            $stop = LotStop::query()->create([
                'operation_id' => $operationId,
                'lot_id' => $lotId,
                'user_id' => $userId,
                'note' => $note,
                'held_lot' => !$isHeld,
            ]);
            if (!$isHeld) {
                ($this->move)(
                    $lotId,
                    LotEntry::Held,
                    BigDecimal::zero(),
                    $note,
                    self::operation($operationId, 'lot'),
                    $userId,
                );
            }
            $units = $this->kits->units($lotId);
            $held = $this->hold($stop, array_column($units, 'unit'), $userId);
            $letters =
                trim($letter) === ''
                    ? 0
                    : ($this->drafts)(
                        $stop->id,
                        $subject,
                        $letter,
                        array_values(
                            array_filter($units, static fn(array $unit): bool => $unit['entry'] === 'shipped'),
                        ),
                    );
            Audit::record($userId, 'lot.stop', null, [
                'lot' => $lotId,
                'stop' => $stop->id,
                'units' => $held,
                'letters' => $letters,
            ]);

            return $stop;
        });
    }

    public function takeBack(int $lotId, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($lotId, $operationId, $userId): void {
            $lot = Lot::query()->findOrFail($lotId);
            $this->book->lock($lot->stock_part_id);
            $stop = LotStop::ofLot($lotId);
            if ($stop === null) {
                return;
            }
            $stop->update(['taken_back_at' => now()]);
            $isHeld = DB::table('lot_states')->where('lot_id', $lotId)->value('held') === true;
            if ($stop->held_lot && $isHeld) {
                ($this->move)(
                    $lotId,
                    LotEntry::Freed,
                    BigDecimal::zero(),
                    '',
                    self::operation($operationId, 'lot'),
                    $userId,
                );
            }
            $units = array_map(
                static fn(Row $row): int => $row->int('unit_id'),
                Row::all(
                    DB::table('lot_stop_units')
                        ->where('lot_stop_id', $stop->id)
                        ->whereNotIn(
                            'unit_id',
                            DB::table('lot_stop_units')
                                ->join('lot_stops', 'lot_stops.id', '=', 'lot_stop_id')
                                ->where('lot_stops.id', '<>', $stop->id)
                                ->whereNull('taken_back_at')
                                ->select('unit_id'),
                        )
                        ->select('unit_id'),
                ),
            );
            Locks::take('unit', $units);
            $this->ledger->enter(
                self::at($units, [Whereabouts::Held]),
                Whereabouts::Freed,
                self::operation($operationId, 'freed'),
                null,
                $userId,
            );
            $this->drafts->takeBack($stop->id);
            Audit::record($userId, 'lot.unstop', ['stop' => $stop->id], null);
        });
    }

    /**
     * What is set aside for an order goes back to the shelf first, so that the order waits for others.
     *
     * @param list<int> $units
     * @return list<int> those that were held
     */
    private function hold(LotStop $stop, array $units, ?int $userId): array
    {
        Locks::take('unit', $units);
        $enter = fn(array $which, Whereabouts $entry, string $what) => $this->ledger->enter(
            array_values(array_filter($which, is_int(...))),
            $entry,
            self::operation($stop->operation_id, $what),
            null,
            $userId,
            $stop->note,
        );
        $enter(self::at($units, [Whereabouts::Allocated]), Whereabouts::Freed, 'freed');
        $there = self::at(
            $units,
            array_values(array_filter(Whereabouts::cases(), static fn(Whereabouts $each): bool => $each->isOnHand())),
        );
        $enter($there, Whereabouts::Held, 'held');
        // A kit that another stop holds is held by both.
        $held = self::at($units, [Whereabouts::Held]);
        DB::table('lot_stop_units')->insert(
            array_map(static fn(int $unit): array => ['lot_stop_id' => $stop->id, 'unit_id' => $unit], $held),
        );

        return $held;
    }

    /**
     * @param list<int> $units
     * @param list<Whereabouts> $where
     * @return list<int> those of them that are there now
     */
    private static function at(array $units, array $where): array
    {
        /** @var list<int> */
        return UnitState::query()
            ->whereIn('unit_id', $units)
            ->whereIn('entry', $where)
            ->orderBy('unit_id')
            ->pluck('unit_id')
            ->all();
    }

    private static function operation(string $operationId, string $what): string
    {
        return Uuid::uuid5($operationId, $what)->toString();
    }
}
