<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\UnitLedger;
use App\Actions\Stock\ImpossibleLot;
use App\Models\Run;
use App\Models\Shop;
use App\Models\Unit;
use App\Support\Locks;
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
    public function __construct(private UnitLedger $ledger, private RunState $states, private PackFromStock $stock) {}

    /**
     * @param ?int $after how many keys the run had taken when this one was meant; null where nobody says
     * @throws ImpossiblePacking when it is not the turn of that line and pack, or others came in between
     * @throws ImpossibleMove when an undo would unpack a kit that is promised or gone
     * @throws ImpossibleLot when the lot is on hold, or another part's
     */
    public function __invoke(Run $run, PackEvent $event, ?int $after, string $operationId, ?int $userId): PackingRun
    {
        return DB::transaction(function () use ($run, $event, $after, $operationId, $userId): PackingRun {
            Locks::take('run', [$run->id]);
            if (!DB::table('run_states')->where('run_id', $run->id)->exists()) {
                $this->states->renew($run);
            }
            $before = $this->states->of($run);
            if (DB::table('run_events')->where('operation_id', $operationId)->exists()) {
                return $before;
            }
            $sequence = $this->states->sequence($run);
            if ($after !== null && $after !== $sequence) {
                throw ImpossiblePacking::meanwhile($sequence - $after);
            }
            if ($event->action === PackAction::In && $this->isBinUnread($before, $event->line)) {
                throw ImpossiblePacking::binNotRead($event->line + 1);
            }
            $undone = $before->last();
            $now = $before->then($event);
            $id = DB::table('run_events')->insertGetId([
                'run_id' => $run->id,
                'operation_id' => $operationId,
                'action' => $event->action->value,
                'line' => $event->line,
                'pack' => $event->pack,
                'lot' => mb_substr($event->lot, 0, 40),
                'user_id' => $userId,
                'created_at' => now(),
            ]);
            // An undo changes the cell that was filled last, every other key the one it names.
            $cell = $event->action === PackAction::Undo ? $undone ?? $event : $event;
            $this->states->keep($run, $now, $id, $sequence + 1, $cell->line);
            ($this->stock)($run, $event, $undone, $operationId, $userId);
            if ($before->isComplete($cell->pack) !== $now->isComplete($cell->pack)) {
                $this->book(
                    $run,
                    $cell->pack,
                    $now->isComplete($cell->pack) ? Whereabouts::Packed : Whereabouts::Unpacked,
                    $operationId,
                    $userId,
                );
            }

            return $now;
        });
    }

    /** Where bins bear codes, the lot that was read is the key to its line. */
    private function isBinUnread(PackingRun $run, int $line): bool
    {
        return ($run->lots()[$line] ?? []) === [] && Shop::ours()->reads_bins;
    }

    /** @throws ImpossibleMove */
    private function book(Run $run, int $pack, Whereabouts $entry, string $operationId, ?int $userId): void
    {
        /** @var list<int> $units */
        $units = Unit::query()->where('run_id', $run->id)->where('pack', $pack)->orderBy('id')->pluck('id')->all();
        $this->ledger->enter($units, $entry, Uuid::uuid5($operationId, $entry->value)->toString(), null, $userId);
    }
}
