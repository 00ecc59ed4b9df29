<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Casts\JudgedCauses;
use App\Models\Kit;
use App\Models\Report;
use App\Models\ReportAnswer;
use App\Models\ReportState;
use App\Queries\Page;
use App\Support\Row;
use Chiralex\Fault\JudgedCause;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The reports, newest first, a page at a time; every open one can be reached. */
final readonly class Inbox
{
    /** Letters of a report that a list shows; the whole text opens with it. */
    private const EXCERPT = 240;
    /** Reports of the same matter that one names. */
    private const LIKE = 60;

    public function __construct(private Letters $letters, private Mails $mails, private ReportFiles $files) {}

    /** @return array<string, mixed> */
    public function page(Page $page, bool $openOnly): array
    {
        $query = $this->query();
        if ($openOnly) {
            $query->whereRaw('not (judged and answered)');
        }
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('reports.text', 'ilike', $page->pattern())
                    ->orWhere('reports.serial', 'ilike', $page->pattern())
                    ->orWhere('kits.name', 'ilike', $page->pattern())
                    ->orWhere('customers.name', 'ilike', $page->pattern()),
            );
        }
        $open = ReportState::query()->whereRaw('not (judged and answered)')->count();
        $all = ReportState::query()->count();
        $total = $page->search === '' ? ($openOnly ? $open : $all) : (clone $query)->count();
        $rows = Row::all($page->cut($query->orderByDesc('report_states.at')->orderByDesc('report_states.report_id')));

        return [
            'reports' => array_map(
                fn(Row $row): array => ['text' => mb_substr($row->text('text'), 0, self::EXCERPT)] + $this->row($row),
                $rows,
            ),
            'open' => $open,
            'all' => $all,
            'apart' => $this->letters->countApart(),
            'kits' => array_values(
                Kit::query()
                    ->orderBy('name')
                    ->get(['id', 'name'])
                    ->all(),
            ),
        ] + $page->told($total);
    }

    /** @return array<string, mixed> */
    public function one(int $id): array
    {
        $row =
            Row::first($this->query()->where('reports.id', $id)) ?? abort(404, 'There is no report with that number.');
        $answers = ReportAnswer::query()->with('user')->where('report_id', $id)->orderBy('id')->get();

        return $this->row($row) + [
            'alike' => $this->alike($id, $row->intOrNull('matter_id')),
            'answers' => $answers
                ->map(
                    static fn(ReportAnswer $each): array => [
                        'text' => $each->text,
                        'by' => $each->user->name ?? '',
                        'at' => $each->created_at->toIso8601String(),
                    ],
                )
                ->all(),
            'checks' => Report::query()->findOrFail($id)->checks,
            'letters' => $this->letters->of($id),
            'mails' => $this->mails->of($id),
            'files' => $this->files->of($id),
            'parcel' => ReportParcel::of($id),
        ];
    }

    /** @return list<array{id: int, answered: bool}> other reports of the matter */
    private function alike(int $id, ?int $matter): array
    {
        return $matter === null
            ? []
            : array_map(
                static fn(Row $row): array => ['id' => $row->int('report_id'), 'answered' => $row->flag('answered')],
                Row::all(
                    DB::table('report_matters')
                        ->join('report_states', 'report_states.report_id', '=', 'report_matters.report_id')
                        ->where('matter_id', $matter)
                        ->where('report_matters.report_id', '<>', $id)
                        ->orderBy('report_matters.report_id')
                        ->limit(self::LIKE)
                        ->select(['report_matters.report_id', 'answered']),
                ),
            );
    }

    private function query(): Builder
    {
        return DB::table('report_states')
            ->join('reports', 'reports.id', '=', 'report_states.report_id')
            ->leftJoin('report_matters', 'report_matters.report_id', '=', 'reports.id')
            ->leftJoin('releases', 'releases.id', '=', 'reports.release_id')
            ->leftJoin('revisions', 'revisions.id', '=', 'releases.revision_id')
            ->leftJoin('kits', 'kits.id', '=', 'report_states.kit_id')
            ->leftJoin('customers', 'customers.id', '=', 'reports.customer_id')
            ->select([
                'reports.*',
                'kits.id as kit_id',
                'kits.name as kit',
                'revisions.name as revision',
                'revisions.id as revision_id',
                'report_states.symptom as judged_symptom',
                'report_states.causes',
                'report_states.at as last_at',
                'customers.name as customer',
                'customers.email',
                'judged',
                'answered',
                'matter_id',
            ])
            ->selectRaw(
                'exists (select 1 from report_files where report_id = reports.id and is_photo) as has_photo,
                (select min(first.id) from reports first where first.likeness = reports.likeness
                    and first.id < reports.id) as like_report,
                (select status from mails where mails.report_id = reports.id
                    order by mails.id desc limit 1) as mail_status',
            );
    }

    /** @return array<string, mixed> */
    private function row(Row $row): array
    {
        return [
            'id' => $row->int('id'),
            'at' => $row->time('created_at')->toIso8601String(),
            'lastAt' => $row->time('last_at')->toIso8601String(),
            'kitId' => $row->intOrNull('kit_id'),
            'kit' => $row->textOrNull('kit'),
            'revision' => $row->textOrNull('revision'),
            'revisionId' => $row->intOrNull('revision_id'),
            'serial' => $row->text('serial'),
            'serialKnown' => $row->has('unit_id'),
            'step' => $row->text('step'),
            'stepNumber' => $row->intOrNull('step_number'),
            'said' => $row->text('symptom'),
            'text' => $row->text('text'),
            'photo' => $row->flag('has_photo'),
            'source' => $row->text('source'),
            'customer' => $row->textOrNull('customer'),
            'hasAddress' => $row->has('email'),
            'judged' => $row->flag('judged'),
            'symptom' => $row->textOrNull('judged_symptom'),
            'causes' => array_map(
                static fn(JudgedCause $each): array => [
                    'cause' => $each->cause->value,
                    'part' => $each->part,
                    'faultOrigin' => $each->origin->value,
                ],
                JudgedCauses::read($row->text('causes')),
            ),
            'answered' => $row->flag('answered'),
            'mail' => $row->textOrNull('mail_status'),
            'like' => $row->intOrNull('like_report'),
            'matter' => $row->intOrNull('matter_id'),
        ];
    }
}
