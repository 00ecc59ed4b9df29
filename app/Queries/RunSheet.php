<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\Documents;
use App\Actions\Packing\PackOn;
use App\Models\Revision;
use App\Models\Run;
use App\Models\Unit;
use App\Support\Row;
use Chiralex\Trade\PackingRun;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** A packing run as the packer sees it. */
final readonly class RunSheet
{
    /** Seconds. */
    private const KEPT = 86_400;

    public function __construct(
        private PackOn $packing,
        private Documents $documents,
    ) {}

    /** @return list<array<string, mixed>> the newest first */
    public function rows(): array
    {
        return array_values(Run::query()->with('release.revision.kit')->orderByDesc('id')->limit(100)->get()->map(fn(Run $run): array => $this->head($run) + $this->kept($run))->all());
    }

    /** @return list<array<string, mixed>> what can be packed */
    public function releases(): array
    {
        return array_map(fn(Row $row): array => ['id' => $row->int('id'), 'kit' => $row->text('name'), 'revision' => $row->text('revision'), 'options' => $this->documents->get(Revision::query()->findOrFail($row->int('revision_id')), 'parts')['options'] ?? []], Row::all(DB::table('releases')->join('revisions', 'revisions.id', '=', 'revision_id')->join('kits', 'kits.id', '=', 'kit_id')->orderBy('kits.name')->orderByDesc('releases.id')->select(['releases.id', 'revision_id', 'kits.name', 'revisions.name as revision'])));
    }

    /** @return array<string, mixed> */
    public function of(Run $run): array
    {
        $state = $this->packing->state($run);
        $turn = $state->turn();

        return $this->head($run) + $this->figures($run, $state) + [
            'lines' => $run->lines,
            'turn' => $turn === null ? null : ['line' => $turn[0], 'pack' => $turn[1]],
            'cells' => $state->cells(),
            'lots' => (object) $state->lots(),
            'usualLots' => (object) $this->usualLots($run),
            'short' => $state->shortLines(),
            'complete' => $state->complete(),
            'serials' => Unit::query()->where('run_id', $run->id)->orderBy('number')->get(['serial', 'pack'])->map(static fn(Unit $unit): array => ['serial' => $unit->serial, 'pack' => $unit->pack])->all(),
        ];
    }

    /** @return array<string, mixed> what a run was begun as */
    private function head(Run $run): array
    {
        return ['id' => $run->id, 'kit' => $run->release->revision->kit->name, 'revision' => $run->release->revision->name, 'packs' => $run->packs, 'packSize' => $run->pack_size, 'options' => $run->options, 'at' => $run->created_at->toIso8601String()];
    }

    /**
     * How far a run is; kept until its next event, so that a list of long runs does not read all their events again.
     *
     * @return array<string, mixed>
     */
    private function kept(Run $run): array
    {
        $last = DB::table('run_events')->where('run_id', $run->id)->max('id');

        return Cache::remember("run {$run->id} after " . (is_int($last) ? $last : 0), self::KEPT, fn(): array => $this->figures($run, $this->packing->state($run)));
    }

    /** @return array{done: int, cellsInAll: int, finished: bool, packed: int, began: ?string} */
    private function figures(Run $run, PackingRun $state): array
    {
        $turn = $state->turn();
        $all = count($run->lines) * $run->packs;
        $first = DB::table('run_events')->where('run_id', $run->id)->min('created_at');

        return [
            'done' => $turn === null ? $all : $turn[0] * $run->packs + $turn[1], 'cellsInAll' => $all, 'finished' => $turn === null, 'packed' => count($state->complete()) * $run->pack_size,
            'began' => is_string($first) ? Carbon::parse($first)->toIso8601String() : null,
        ];
    }

    /** @return array<int, string> line to the lot last used for that part in another run of the same release */
    private function usualLots(Run $run): array
    {
        $lots = [];
        foreach (Row::all(DB::table('run_events')->join('runs', 'runs.id', '=', 'run_id')->where('release_id', $run->release_id)->where('run_id', '<', $run->id)->where('action', 'lot')->orderBy('run_events.id')->select(['line', 'lot'])) as $row) {
            $lots[$row->int('line')] = $row->text('lot');
        }

        return $lots;
    }
}
