<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Models\Run;
use App\Support\Row;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;
use Chiralex\Trade\PackingRun;
use Illuminate\Support\Facades\DB;

/** Where each run stands, kept beside its events, which stay the truth: a state that is missing or behind is made again from them. */
final readonly class RunState
{
    public function of(Run $run): PackingRun
    {
        $kept = Row::first(DB::table('run_states')->where('run_id', $run->id));
        if ($kept === null) {
            return $this->fromEvents($run);
        }
        $cells = array_map(
            static fn(Row $row): string => $row->text('cells'),
            Row::all(DB::table('run_lines')->where('run_id', $run->id)->orderBy('line')->select('cells')),
        );
        /** @var list<array{at: int, line: int, lot: string, fill?: int}> $lots */
        $lots = json_decode($kept->text('lots'), true, 8, JSON_THROW_ON_ERROR);

        return PackingRun::standing(count($run->lines), $run->packs, $cells, $lots, $run->way);
    }

    /** How many keys the run has taken, undone ones and their undoing among them. */
    public function sequence(Run $run): int
    {
        return Row::first(DB::table('run_states')->where('run_id', $run->id)->select('sequence'))?->int('sequence') ??
            0;
    }

    /** Keeps a run after its last event; only the line that changed is written. */
    public function keep(Run $run, PackingRun $state, int $lastEvent, int $sequence, ?int $line = null): void
    {
        $cells = $state->begunCells();
        if ($line === null) {
            DB::table('run_lines')->where('run_id', $run->id)->delete();
            DB::table('run_lines')->insert(
                array_map(
                    static fn(string $signs, int $at): array => [
                        'run_id' => $run->id,
                        'line' => $at,
                        'cells' => $signs,
                    ],
                    $cells,
                    array_keys($cells),
                ),
            );
        } elseif (isset($cells[$line])) {
            DB::table('run_lines')->upsert(
                [['run_id' => $run->id, 'line' => $line, 'cells' => $cells[$line]]],
                ['run_id', 'line'],
                ['cells'],
            );
        } else {
            DB::table('run_lines')->where('run_id', $run->id)->where('line', $line)->delete();
        }
        $began = DB::table('run_events')->where('run_id', $run->id)->orderBy('id')->limit(1)->value('created_at');
        DB::table('run_states')->upsert(
            [
                [
                    'run_id' => $run->id,
                    'last_event' => $lastEvent,
                    'filled' => $state->filled,
                    'complete' => count($state->complete()),
                    'lots' => json_encode($state->marks(), JSON_THROW_ON_ERROR),
                    'began' => $began,
                    'sequence' => $sequence,
                ],
            ],
            ['run_id'],
            ['last_event', 'filled', 'complete', 'lots', 'began', 'sequence'],
        );
    }

    /** Makes the state again from all events and keeps it. */
    public function renew(Run $run): PackingRun
    {
        $state = $this->fromEvents($run);
        $events = DB::table('run_events')->where('run_id', $run->id);
        $last = (clone $events)->max('id');
        $this->keep($run, $state, is_int($last) ? $last : 0, $events->count());

        return $state;
    }

    private function fromEvents(Run $run): PackingRun
    {
        $events = Row::all(
            DB::table('run_events')
                ->where('run_id', $run->id)
                ->orderBy('id')
                ->select(['action', 'line', 'pack', 'lot']),
        );

        return PackingRun::after(
            count($run->lines),
            $run->packs,
            array_map(
                static fn(Row $row): PackEvent => new PackEvent(
                    PackAction::from($row->text('action')),
                    $row->int('line'),
                    $row->int('pack'),
                    $row->text('lot'),
                ),
                $events,
            ),
            $run->way,
        );
    }
}
