<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Report\Judgements;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The inbox of reports, newest first. */
final readonly class Inbox
{
    private const MOST = 500;

    public function __construct(private Judgements $judgements) {}

    /** @return list<array<string, mixed>> */
    public function rows(): array
    {
        return array_map($this->row(...), Row::all($this->query()->orderByDesc('reports.created_at')->orderByDesc('reports.id')->limit(self::MOST)));
    }

    /** @return array<string, mixed> */
    public function one(int $id): array
    {
        $row = Row::first($this->query()->where('reports.id', $id)) ?? abort(404, 'There is no report with that number.');
        $answers = Row::all(DB::table('report_answers')->leftJoin('users', 'users.id', '=', 'user_id')->where('report_id', $id)->orderBy('report_answers.id')->select(['text', 'name', 'report_answers.created_at']));

        return $this->row($row) + ['answers' => array_map(static fn(Row $each): array => ['text' => $each->text('text'), 'by' => $each->text('name'), 'at' => $each->time('created_at')->toIso8601String()], $answers)];
    }

    private function query(): Builder
    {
        return DB::table('reports')
            ->leftJoinSub($this->judgements->latest(), 'judged', 'judged.report_id', '=', 'reports.id')
            ->leftJoin('releases', 'releases.id', '=', 'reports.release_id')
            ->leftJoin('revisions', 'revisions.id', '=', 'releases.revision_id')
            ->leftJoin('kits', static fn(JoinClause $join) => $join->whereRaw('kits.id = coalesce(judged.kit_id, revisions.kit_id)'))
            ->leftJoin('customers', 'customers.id', '=', 'reports.customer_id')
            ->selectRaw('reports.*, kits.id as kit_id, kits.name as kit, revisions.name as revision, revisions.id as revision_id, judged.symptom, judged.cause, judged.origin, judged.part, customers.name as customer, customers.email, (select count(*) from report_answers where report_id = reports.id) as answered');
    }

    /** @return array<string, mixed> */
    private function row(Row $row): array
    {
        return [
            'id' => $row->int('id'), 'at' => $row->time('created_at')->toIso8601String(), 'kitId' => $row->intOrNull('kit_id'), 'kit' => $row->textOrNull('kit'), 'revision' => $row->textOrNull('revision'), 'revisionId' => $row->intOrNull('revision_id'),
            'serial' => $row->text('serial'), 'serialKnown' => $row->has('unit_id'), 'step' => $row->text('step'), 'stepNumber' => $row->intOrNull('step_number'), 'text' => $row->text('text'), 'photo' => $row->has('photo'), 'source' => $row->text('source'),
            'customer' => $row->textOrNull('customer'), 'hasAddress' => $row->has('email'), 'symptom' => $row->textOrNull('symptom'), 'cause' => $row->textOrNull('cause'), 'origin' => $row->textOrNull('origin'), 'part' => $row->text('part'), 'answered' => $row->int('answered') > 0,
        ];
    }
}
