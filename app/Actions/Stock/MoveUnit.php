<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\UnitLedger;
use App\Models\Unit;
use App\Models\UnitState;
use App\Support\Audit;
use App\Support\Locks;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** Books by hand what happened to a packed kit: looked through and packed again, held, freed, scrapped. */
final readonly class MoveUnit
{
    public function __construct(private UnitLedger $ledger) {}

    /** @throws ImpossibleMove when it cannot go there from where it is */
    public function __invoke(Unit $unit, Whereabouts $entry, string $note, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($unit, $entry, $note, $operationId, $userId): void {
            Locks::take('unit', [$unit->id]);
            if ($this->ledger->has($operationId)) {
                return;
            }
            $now = UnitState::query()->where('unit_id', $unit->id)->first()->entry ?? Whereabouts::Unpacked;
            if (!$now->mayBecomeByHand($entry)) {
                throw ImpossibleMove::of($unit->serial, $now, $entry);
            }
            $this->ledger->enter([$unit->id], $entry, $operationId, null, $userId, $note);
            Audit::record($userId, "unit.{$entry->value}", null, ['unit' => $unit->id, 'note' => $note]);
        });
    }
}
