<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Report\KitFaq;
use App\Models\Revision;
use App\Support\Row;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\FaultRate;
use Chiralex\Fault\ReportedFault;
use Chiralex\Fault\Shares;
use Chiralex\Fault\Symptom;
use ChiralexRender\Document\FaultsDocument;
use ChiralexRender\Words;
use Illuminate\Support\Facades\DB;

/** What the Faults station of a kit shows: rate, shares, FAQ. */
final readonly class FaultSheet
{
    public function __construct(private KitFaq $faq) {}

    /** @return array<string, mixed> */
    public function of(Revision $revision): array
    {
        $shipped = $this->shipped($revision->kit_id);
        $reports = $this->reports($revision->kit_id, $shipped);
        $published = DB::table('faq_entries')->where('kit_id', $revision->kit_id)->pluck('published', 'id')->all();

        return (new FaultsDocument(Words::english()))->of(
            FaultRate::of(array_values($shipped), $reports),
            Shares::of($reports),
            array_map(
                static fn(array $each): array => $each + [
                    'published' => (bool) ($published[$each['entry']->id] ?? false),
                ],
                $this->faq->placed($revision, false),
            ),
        );
    }

    /** @return array<string, int> serial of every kit ever shipped to the days since */
    private function shipped(int $kitId): array
    {
        $days = [];
        $rows = Row::all(
            DB::table('kit_ledger')
                ->join('units', 'units.id', '=', 'unit_id')
                ->join('releases', 'releases.id', '=', 'units.release_id')
                ->join('revisions', 'revisions.id', '=', 'revision_id')
                ->where('revisions.kit_id', $kitId)
                ->where('entry', 'shipped')
                ->orderBy('kit_ledger.id')
                ->select(['serial', 'kit_ledger.created_at']),
        );
        foreach ($rows as $row) {
            $days[$row->text('serial')] = (int) $row->time('created_at')->diffInDays(now());
        }

        return $days;
    }

    /**
     * @param array<string, int> $shipped
     * @return list<ReportedFault>
     */
    private function reports(int $kitId, array $shipped): array
    {
        $rows = Row::all(
            DB::table('report_states')
                ->join('reports', 'reports.id', '=', 'report_states.report_id')
                ->where('report_states.kit_id', $kitId)
                ->orderBy('reports.id')
                ->select(['reports.serial', 'unit_id', 'symptom', 'cause', 'origin']),
        );

        return array_map(
            static fn(Row $row): ReportedFault => new ReportedFault(
                $row->has('unit_id') && isset($shipped[$row->text('serial')]) ? $row->text('serial') : null,
                $shipped[$row->text('serial')] ?? 0,
                Symptom::tryFrom($row->text('symptom')),
                Cause::tryFrom($row->text('cause')),
                FaultOrigin::tryFrom($row->text('origin')),
            ),
            $rows,
        );
    }
}
