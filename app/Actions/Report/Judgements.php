<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** What support made of the reports: the last judgement of each counts, and the database keeps it beside the log. */
final readonly class Judgements
{
    /** How many of a kit's reports nobody has judged. */
    public function open(int $kitId): int
    {
        return DB::table('report_states')->where('kit_id', $kitId)->where('judged', false)->count();
    }

    /** @return array<string, int> `symptom|cause` to how many reports of the kit are so */
    public function counts(int $kitId): array
    {
        $counts = [];
        foreach (
            Row::all(
                DB::table('report_states')
                    ->where('kit_id', $kitId)
                    ->where('judged', true)
                    ->groupBy('symptom', 'cause')
                    ->selectRaw('symptom, cause, count(*) as n'),
            ) as $row
        ) {
            $counts["{$row->text('symptom')}|{$row->text('cause')}"] = $row->int('n');
        }

        return $counts;
    }
}
