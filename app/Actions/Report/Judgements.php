<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What support made of the reports: the last judgement of each counts. */
final readonly class Judgements
{
    /** One row for each judged report. */
    public function latest(): Builder
    {
        return DB::table('report_judgements')->selectRaw('distinct on (report_id) report_id, kit_id, symptom, cause, origin, part, created_at')->orderBy('report_id')->orderByDesc('id');
    }

    /** @return array<int, int> kit to how many of its reports nobody has judged */
    public function open(): array
    {
        $open = [];
        foreach (Row::all(DB::table('reports')->join('releases', 'releases.id', '=', 'release_id')->join('revisions', 'revisions.id', '=', 'revision_id')->whereNotExists(static fn(Builder $query) => $query->from('report_judgements')->whereColumn('report_id', 'reports.id'))->groupBy('kit_id')->selectRaw('kit_id, count(*) as n')) as $row) {
            $open[$row->int('kit_id')] = $row->int('n');
        }

        return $open;
    }

    /** @return array<string, int> `symptom|cause` to how many reports of the kit are so */
    public function counts(int $kitId): array
    {
        $counts = [];
        foreach (Row::all(DB::query()->fromSub($this->latest(), 'judged')->where('kit_id', $kitId)->groupBy('symptom', 'cause')->selectRaw('symptom, cause, count(*) as n')) as $row) {
            $counts["{$row->text('symptom')}|{$row->text('cause')}"] = $row->int('n');
        }

        return $counts;
    }
}
