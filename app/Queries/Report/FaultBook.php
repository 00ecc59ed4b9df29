<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\ReportState;
use App\Support\Row;
use Chiralex\Fault\ShippedKit;
use Illuminate\Support\Facades\DB;

/** What was shipped of a kit and what was reported of it. */
final readonly class FaultBook
{
    public function of(int $kitId): FaultRecord
    {
        return new FaultRecord($this->shipped($kitId), $this->states($kitId));
    }

    /** @return list<ShippedKit> each with the day it left last, and the lots its pieces came from where the book has them */
    private function shipped(int $kitId): array
    {
        $kits = [];
        foreach (
            Row::all(
                DB::table('unit_moves')
                    ->join('units', 'units.id', '=', 'unit_moves.unit_id')
                    ->join('unit_states', 'unit_states.unit_id', '=', 'units.id')
                    ->join('releases', 'releases.id', '=', 'units.release_id')
                    ->join('revisions', 'revisions.id', '=', 'revision_id')
                    ->where('revisions.kit_id', $kitId)
                    ->where('unit_moves.entry', 'shipped')
                    ->groupBy(
                        'units.id',
                        'serial',
                        'revisions.name',
                        'units.run_id',
                        'units.pack',
                        'unit_states.options',
                    )
                    ->selectRaw(
                        'serial, revisions.name as revision, units.run_id, units.pack, unit_states.options, max(unit_moves.created_at) as at',
                    ),
            ) as $row
        ) {
            $kits["{$row->int('run_id')} {$row->int('pack')} {$row->text('serial')}"] = $row;
        }
        $lots = $this->lots($kitId);

        return array_values(
            array_map(
                static fn(Row $row): ShippedKit => new ShippedKit(
                    $row->text('serial'),
                    $row->text('revision'),
                    $lots["{$row->int('run_id')} {$row->int('pack')}"] ?? [],
                    "run {$row->int('run_id')}",
                    $row->text('options'),
                    $row->time('at')->toDateString(),
                ),
                $kits,
            ),
        );
    }

    /**
     * @param list<string> $names lots as kits bear them: part and name
     * @return list<array{name: string, lotId: int}>
     */
    public function lotsNamed(array $names): array
    {
        return array_map(
            static fn(Row $row): array => ['name' => $row->text('name'), 'lotId' => $row->int('id')],
            Row::all(
                DB::table('lots')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->whereIn(DB::raw("stock_parts.title || ', ' || lots.name"), $names)
                    ->orderBy('lots.id')
                    ->selectRaw("stock_parts.title || ', ' || lots.name as name, lots.id"),
            ),
        );
    }

    /** @return list<ReportState> */
    private function states(int $kitId): array
    {
        return array_values(
            ReportState::query()->with('report')->where('kit_id', $kitId)->orderBy('report_id')->get()->all(),
        );
    }

    /** @return array<string, list<string>> run and pack to the lots, each as part and name */
    private function lots(int $kitId): array
    {
        $lots = [];
        foreach (
            Row::all(
                DB::table('lot_moves')
                    ->join('lots', 'lots.id', '=', 'lot_moves.lot_id')
                    ->join('stock_parts', 'stock_parts.id', '=', 'lots.stock_part_id')
                    ->join('runs', 'runs.id', '=', 'lot_moves.run_id')
                    ->join('releases', 'releases.id', '=', 'runs.release_id')
                    ->join('revisions', 'revisions.id', '=', 'releases.revision_id')
                    ->where('revisions.kit_id', $kitId)
                    ->whereIn('lot_moves.entry', ['packed', 'unpacked'])
                    ->groupBy('lot_moves.run_id', 'lot_moves.pack', 'stock_parts.title', 'lots.name')
                    ->havingRaw('sum(lot_moves.quantity) < 0')
                    ->select(['lot_moves.run_id', 'lot_moves.pack', 'stock_parts.title', 'lots.name']),
            ) as $row
        ) {
            $lots["{$row->int('run_id')} {$row->int('pack')}"][] = "{$row->text('title')}, {$row->text('name')}";
        }

        return $lots;
    }
}
