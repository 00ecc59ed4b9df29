<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\ReportState;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** What support made of the reports: the last judgement of each counts, and the database keeps it beside the log. */
final readonly class Judgements
{
    /** How many of a kit's reports nobody has judged. */
    public function open(int $kitId): int
    {
        return ReportState::query()->where('kit_id', $kitId)->where('judged', false)->count();
    }

    /** @return array<string, int> `symptom|cause|part` to how many reports of the kit are so; `symptom|cause|` counts every place */
    public function counts(int $kitId): array
    {
        $counts = [];
        foreach (
            Row::all(
                DB::table('report_states')
                    ->crossJoin(DB::raw('lateral jsonb_array_elements(causes) each'))
                    ->where('kit_id', $kitId)
                    ->where('judged', true)
                    ->groupByRaw("symptom, each ->> 'cause', each ->> 'part'")
                    ->selectRaw("symptom, each ->> 'cause' as cause, each ->> 'part' as part, count(*) as n"),
            ) as $row
        ) {
            $key = "{$row->text('symptom')}|{$row->text('cause')}|";
            $counts[$key] = ($counts[$key] ?? 0) + $row->int('n');
            if ($row->text('part') !== '') {
                $counts[$key . $row->text('part')] = $row->int('n');
            }
        }

        return $counts;
    }
}
