<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\FaqAnswer;
use App\Models\ReportState;
use App\Models\Revision;
use App\Support\Row;
use Chiralex\Fault\FaultRate;
use Chiralex\Fault\ReportedFault;
use Chiralex\Fault\Shares;
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
        $published = FaqAnswer::query()->where('kit_id', $revision->kit_id)->pluck('published', 'id')->all();

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
            DB::table('unit_moves')
                ->join('units', 'units.id', '=', 'unit_id')
                ->join('releases', 'releases.id', '=', 'units.release_id')
                ->join('revisions', 'revisions.id', '=', 'revision_id')
                ->where('revisions.kit_id', $kitId)
                ->where('entry', 'shipped')
                ->orderBy('unit_moves.id')
                ->select(['serial', 'unit_moves.created_at']),
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
        $states = ReportState::query()->with('report')->where('kit_id', $kitId)->orderBy('report_id')->get();

        return array_values(
            $states
                ->map(
                    static fn(ReportState $each): ReportedFault => new ReportedFault(
                        $each->report->unit_id !== null && isset($shipped[$each->report->serial])
                            ? $each->report->serial
                            : null,
                        $shipped[$each->report->serial] ?? 0,
                        $each->symptom,
                        $each->cause,
                        $each->fault_origin,
                    ),
                )
                ->all(),
        );
    }
}
