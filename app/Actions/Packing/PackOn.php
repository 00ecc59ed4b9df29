<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\KitLedger;
use App\Models\Run;
use App\Models\Unit;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\Exception\ImpossiblePacking;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;
use Chiralex\Trade\PackingRun;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Takes one key of the packer: writes the event, and books the kits that it completes. */
final readonly class PackOn
{
    public function __construct(private KitLedger $ledger) {}

    /**
     * @throws ImpossiblePacking when it is not the turn of that line and pack
     * @throws ImpossibleMove when an undo would unpack a kit that is promised or gone
     */
    public function __invoke(Run $run, PackEvent $event, string $operationId, ?int $userId): PackingRun
    {
        return DB::transaction(function () use ($run, $event, $operationId, $userId): PackingRun {
            Locks::take('run', [$run->id]);
            $before = $this->state($run);
            if (DB::table('run_events')->where('operation_id', $operationId)->exists()) {
                return $before;
            }
            $after = $before->then($event);
            DB::table('run_events')->insert(['run_id' => $run->id, 'operation_id' => $operationId, 'action' => $event->action->value, 'line' => $event->line, 'pack' => $event->pack, 'lot' => mb_substr($event->lot, 0, 40), 'user_id' => $userId, 'created_at' => now()]);
            $this->book($run, array_values(array_diff($after->complete(), $before->complete())), Whereabouts::Packed, $operationId, $userId);
            $this->book($run, array_values(array_diff($before->complete(), $after->complete())), Whereabouts::Unpacked, $operationId, $userId);

            return $after;
        });
    }

    /** Where a run stands, from its events. */
    public function state(Run $run): PackingRun
    {
        $events = Row::all(DB::table('run_events')->where('run_id', $run->id)->orderBy('id'));

        return PackingRun::after(count($run->lines), $run->packs, array_map(static fn(Row $row): PackEvent => new PackEvent(PackAction::from($row->text('action')), $row->int('line'), $row->int('pack'), $row->text('lot')), $events));
    }

    /**
     * @param list<int> $packs
     * @throws ImpossibleMove
     */
    private function book(Run $run, array $packs, Whereabouts $entry, string $operationId, ?int $userId): void
    {
        if ($packs !== []) {
            /** @var list<int> $units */
            $units = Unit::query()->where('run_id', $run->id)->whereIn('pack', $packs)->orderBy('id')->pluck('id')->all();
            $this->ledger->enter($units, $entry, Uuid::uuid5($operationId, $entry->value)->toString(), null, $userId);
        }
    }
}
