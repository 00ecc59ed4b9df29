<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\ReportState;
use App\Support\Row;

/** What support made of the reports: the last judgement of each counts, and the database keeps it beside the log. */
final readonly class Judgements
{
    /** How many of a kit's reports nobody has judged. */
    public function open(int $kitId): int
    {
        return ReportState::query()->where('kit_id', $kitId)->where('judged', false)->count();
    }

    /** @return array<string, int> `symptom|cause` to how many reports of the kit are so */
    public function counts(int $kitId): array
    {
        $counts = [];
        $judged = ReportState::query()->where('kit_id', $kitId)->where('judged', true);
        foreach (
            Row::all($judged->groupBy('symptom', 'cause')->selectRaw('symptom, cause, count(*) as n')->toBase()) as $row
        ) {
            $counts["{$row->text('symptom')}|{$row->text('cause')}"] = $row->int('n');
        }

        return $counts;
    }
}
