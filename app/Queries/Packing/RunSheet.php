<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Actions\Packing\RunState;
use App\Models\Revision;
use App\Models\Run;
use App\Models\Shop;
use App\Models\Unit;
use App\Queries\Page;
use App\Support\Row;
use Chiralex\Trade\Dealing;
use Chiralex\Trade\PackingRun;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A packing run as the packer sees it. */
final readonly class RunSheet
{
    public const SERIALS = 200;
    /** The newest revision of the kit that was released after the one of the run. */
    private const NEWER = '(select later.name from releases since join revisions later on later.id = since.revision_id
        where later.kit_id = revisions.kit_id and since.id > releases.id order by since.id desc limit 1) as newer';

    public function __construct(private RunState $states, private Holes $holes) {}

    /** @return array{runs: list<array<string, mixed>>, page: int, pages: int, total: int} the newest first */
    public function page(Page $page): array
    {
        $query = DB::table('runs')
            ->join('releases', 'releases.id', '=', 'runs.release_id')
            ->join('revisions', 'revisions.id', '=', 'releases.revision_id')
            ->join('kits', 'kits.id', '=', 'revisions.kit_id');
        if ($page->search !== '') {
            $query->where('kits.name', 'ilike', $page->pattern());
        }
        $total = $page->search === '' ? DB::table('runs')->count() : (clone $query)->count();
        $rows = Row::all(
            $page
                ->cut($query->orderByDesc('runs.id'))
                ->leftJoin('run_states', 'run_states.run_id', '=', 'runs.id')
                ->selectRaw(
                    'runs.id, kits.name as kit, revisions.name as revision, packs, pack_size, dealing, way, options, runs.created_at, json_array_length(lines) as line_count, filled, complete, began, ' .
                        self::NEWER,
                ),
        );

        return [
            'runs' => array_map(static function (Row $row): array {
                $all = $row->int('line_count') * $row->int('packs');
                $done = $row->intOrNull('filled') ?? 0;

                return [
                    'id' => $row->int('id'),
                    'kit' => $row->text('kit'),
                    'revision' => $row->text('revision'),
                    'packs' => $row->int('packs'),
                    'packSize' => $row->int('pack_size'),
                    'dealing' => $row->text('dealing'),
                    'way' => $row->text('way'),
                    'newer' => $row->textOrNull('newer'),
                    'options' => $row->text('options'),
                    'at' => $row->time('created_at')->toIso8601String(),
                    'done' => $done,
                    'cellsInAll' => $all,
                    'finished' => $done >= $all,
                    'packed' =>
                        ($row->intOrNull('complete') ?? 0) *
                        Dealing::from($row->text('dealing'))->kitsAtOnce($row->int('pack_size')),
                    'began' => $row->has('began') ? $row->time('began')->toIso8601String() : null,
                ];
            }, $rows),
        ] + $page->told($total);
    }

    /** @return list<array{id: int, kit: string, revision: string, options: mixed}> what can be packed */
    public function releases(): array
    {
        return array_map(
            static fn(Row $row): array => [
                'id' => $row->int('id'),
                'kit' => $row->text('name'),
                'revision' => $row->text('revision'),
                'options' => json_decode($row->text('options') === '' ? '[]' : $row->text('options'), true),
            ],
            Row::all(
                DB::table('releases')
                    ->join('revisions', 'revisions.id', '=', 'releases.revision_id')
                    ->join('kits', 'kits.id', '=', 'kit_id')
                    ->leftJoin('revision_facts', 'revision_facts.revision_id', '=', 'revisions.id')
                    ->whereNull('kits.put_aside_at')
                    ->whereNull('revisions.put_aside_at')
                    ->orderBy('kits.name')
                    ->orderByDesc('releases.id')
                    ->select(['releases.id', 'kits.name', 'revisions.name as revision', 'revision_facts.options']),
            ),
        );
    }

    /** @return array<string, mixed> all of a run but its serial numbers, which have pages of their own */
    public function of(Run $run): array
    {
        $state = $this->states->of($run);
        $began = DB::table('run_events')->where('run_id', $run->id)->orderBy('id')->limit(1)->value('created_at');
        $newer = $this->newer($run);

        return [
            'id' => $run->id,
            'kit' => $run->release->revision->kit->name,
            'revision' => $run->release->revision->name,
            'revisionId' => $run->release->revision_id,
            'photo' => $this->photo($run),
            'packs' => $run->packs,
            'packSize' => $run->pack_size,
            'dealing' => $run->dealing->value,
            'kitsAtOnce' => $run->kitsAtOnce(),
            'way' => $run->way->value,
            'readsBins' => Shop::ours()->reads_bins,
            'newer' => $newer?->name,
            'newerId' => $newer?->id,
            'options' => $run->options,
            'at' => $run->created_at->toIso8601String(),
        ] +
            $this->standing($run, $state) + [
                'began' => is_string($began) ? Carbon::parse($began)->toIso8601String() : null,
                'lines' => $run->lines,
                'cells' => $state->cells(),
                'usualLots' => (object) $this->usualLots($run),
            ];
    }

    /** @return ?string the newest photograph of the run's first packed kit, by its hash */
    public function photo(Run $run): ?string
    {
        $photo = DB::table('run_photos')->where('run_id', $run->id)->orderByDesc('id')->limit(1)->value('photo');

        return is_string($photo) ? $photo : null;
    }

    /** The newest revision of its kit that was released since: what the run packs is packed the old way. */
    private function newer(Run $run): ?Revision
    {
        return Revision::query()
            ->join('releases', 'releases.revision_id', '=', 'revisions.id')
            ->where('revisions.kit_id', $run->release->revision->kit_id)
            ->where('releases.id', '>', $run->release_id)
            ->orderByDesc('releases.id')
            ->select('revisions.*')
            ->first();
    }

    /**
     * What keys changed: the standing of the run, and the signs of the lines they fell on.
     *
     * @param list<int> $lines
     * @return array<string, mixed>
     */
    public function after(Run $run, PackingRun $state, array $lines): array
    {
        // An undo may reach the line before the one it names.
        $turn = $state->turn()[0] ?? $state->lines - 1;
        $around = array_values(
            array_filter(
                array_unique([...$lines, $turn, $turn - 1]),
                static fn(int $each): bool => $each >= 0 && $each < $state->lines,
            ),
        );
        $cells = $state->cells();

        return $this->standing($run, $state) + [
            'changed' => array_map(static fn(int $each): array => ['line' => $each, 'cells' => $cells[$each]], $around),
        ];
    }

    /**
     * @param list<int> $lines
     * @return array<string, mixed> the same after several keys
     */
    public function since(Run $run, array $lines): array
    {
        return $this->after($run, $this->states->of($run), $lines);
    }

    /** @return array{serials: list<array{serial: string, pack: int}>, page: int, pages: int, total: int} */
    public function serials(Run $run, Page $page): array
    {
        $rows = Unit::query()
            ->where('run_id', $run->id)
            ->orderBy('number')
            ->limit(self::SERIALS)
            ->offset(($page->number - 1) * self::SERIALS)
            ->get(['serial', 'pack']);
        $total = $run->packs * $run->kitsAtOnce();

        return [
            'serials' => array_values(
                $rows->map(static fn(Unit $unit): array => ['serial' => $unit->serial, 'pack' => $unit->pack])->all(),
            ),
            'page' => $page->number,
            'pages' => max(1, (int) ceil($total / self::SERIALS)),
            'total' => $total,
        ];
    }

    /** @return array{sequence: int, turn: ?array{line: int, pack: int}, done: int, cellsInAll: int, finished: bool, packed: int, lots: object, short: list<int>, complete: list<int>, holes: list<array{pack: int, lines: list<int>, canBeFilled: bool}>} */
    private function standing(Run $run, PackingRun $state): array
    {
        $turn = $state->turn();
        $complete = $state->complete();

        return [
            'sequence' => $this->states->sequence($run),
            'turn' => $turn === null ? null : ['line' => $turn[0], 'pack' => $turn[1]],
            'done' => $state->filled,
            'cellsInAll' => $state->lines * $state->packs,
            'finished' => $turn === null,
            'packed' => count($complete) * $run->kitsAtOnce(),
            'lots' => (object) $state->lots(),
            'short' => $state->shortLines(),
            'complete' => $complete,
            'holes' => $this->holes->of($run, $state),
        ];
    }

    /** @return array<int, string> line to the lot last used for that part in another run of the same release */
    private function usualLots(Run $run): array
    {
        $before = DB::table('runs')
            ->where('release_id', $run->release_id)
            ->where('id', '<', $run->id)
            ->orderByDesc('id')
            ->limit(10)
            ->pluck('id')
            ->all();
        $lots = [];
        foreach (
            Row::all(
                DB::table('run_events')
                    ->whereIn('run_id', $before)
                    ->where('action', 'lot')
                    ->orderBy('id')
                    ->select(['line', 'lot']),
            ) as $row
        ) {
            $lots[$row->int('line')] = $row->text('lot');
        }

        return $lots;
    }
}
