<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Actions\Kit\Documents;
use App\Models\Revision;
use App\Support\Row;
use Chiralex\Fault\CommonStep;
use Illuminate\Support\Facades\DB;

/** Steps of a revision at which kits were reported in different words: where the builder wrote from, or where the part is fitted that was at fault. */
final readonly class CommonSteps
{
    public function __construct(private Documents $documents) {}

    /** @return list<array{step: int, title: string, kits: int, matters: int, share: float, work: float}> most kits first */
    public function of(Revision $revision): array
    {
        /** @var array{steps?: list<array{number: int, title: string, minutes: float|int, parts: list<array{designator: string}>}>} $manual */
        $manual = $this->documents->get($revision, 'manual');
        $minutes = $titles = $steps = [];
        foreach ($manual['steps'] ?? [] as $step) {
            $minutes[$step['number']] = (float) $step['minutes'];
            $titles[$step['number']] = $step['title'];
            foreach ($step['parts'] as $part) {
                $steps[$part['designator']] = $step['number'];
            }
        }
        $reports = array_map(
            static fn(Row $row): array => [
                'step' => $steps[explode(' and ', $row->textOrNull('part') ?? '')[0]] ?? $row->intOrNull('step_number'),
                'matter' => $row->int('matter'),
                'kit' => $row->text('kit'),
            ],
            Row::all(
                DB::table('report_states')
                    ->join('reports', 'reports.id', '=', 'report_states.report_id')
                    ->leftJoin('report_matters', 'report_matters.report_id', '=', 'reports.id')
                    ->where('report_states.kit_id', $revision->kit_id)
                    ->orderBy('reports.id')
                    ->selectRaw(
                        "step_number, coalesce(matter_id, reports.id) as matter,
                        case when unit_id is null then 'report ' || reports.id else serial end as kit,
                        case when judged then report_states.causes -> 0 ->> 'part' end as part",
                    ),
            ),
        );

        return array_map(
            static fn(CommonStep $each): array => [
                'step' => $each->step,
                'title' => $titles[$each->step] ?? '',
                'kits' => $each->kits,
                'matters' => $each->matters,
                'share' => round($each->share, 4),
                'work' => round($each->work, 4),
            ],
            CommonStep::of($reports, $minutes),
        );
    }
}
