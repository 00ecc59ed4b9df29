<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\ReportState;
use App\Support\Row;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\Fever;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ReportedFault;
use Chiralex\Fault\ShippedKit;
use Illuminate\Support\Facades\DB;

/** What was shipped of a kit and what was reported of it, as the core counts them. */
final readonly class FaultBook
{
    public function study(int $kitId): FaultStudy
    {
        return FaultStudy::of($this->shipped($kitId), $this->reports($kitId), now()->toDateTimeImmutable());
    }

    /** @return list<ShippedKit> each with the day it left last, and the lots its pieces came from where the book has them */
    public function shipped(int $kitId): array
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

    /** @return list<KitReport> */
    public function reports(int $kitId): array
    {
        return array_map(
            static fn(ReportState $each): KitReport => new KitReport(
                $each->report->created_at->toDateString(),
                $each->report->unit_id === null ? '' : $each->report->serial,
                (string) ($each->report->step_number ?? ''),
                $each->symptom ?? $each->report->symptom,
                array_values(
                    array_unique(array_map(static fn(JudgedCause $cause): string => $cause->name(), $each->causes)),
                ),
                $each->report->text,
            ),
            $this->states($kitId),
        );
    }

    /**
     * What teaches a diagnosis: causes that it looks for, by the names it has for them; a weak supply is one of them wherever it was found.
     *
     * @return list<KitReport>
     */
    public function lessons(int $kitId): array
    {
        $looked = array_diff(array_column(Cause::suspected(), 'value'), [Cause::None->value, Cause::Own->value]);

        return array_map(static function (ReportState $each) use ($looked): KitReport {
            $names = [];
            foreach ($each->causes as $cause) {
                if (in_array($cause->cause->value, $looked, true)) {
                    $names[] = $cause->cause === Cause::Supply ? 'supply weak' : $cause->name();
                }
            }

            return new KitReport(
                $each->report->created_at->toDateString(),
                $each->report->unit_id === null ? '' : $each->report->serial,
                causes: array_values(array_unique($names)),
            );
        }, $this->states($kitId));
    }

    /** @return list<Fever> places of the board by the kits that were reported for them */
    public function fever(int $kitId): array
    {
        return Fever::of(
            $this->shipped($kitId),
            array_map(
                static fn(ReportState $each): array => [
                    'serial' => $each->report->unit_id === null ? '' : $each->report->serial,
                    'causes' => $each->causes,
                ],
                $this->states($kitId),
            ),
            now()->toDateTimeImmutable(),
        );
    }

    /** @return list<ReportedFault> */
    public function faults(int $kitId): array
    {
        return array_map(
            static fn(ReportState $each): ReportedFault => new ReportedFault(
                $each->judged ? $each->symptom : null,
                $each->causes,
            ),
            $this->states($kitId),
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
