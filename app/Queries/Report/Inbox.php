<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\Kit;
use App\Models\Mail;
use App\Models\Report;
use App\Models\ReportAnswer;
use App\Models\ReportState;
use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The inbox of reports, newest first, a page at a time; every open one can be reached. */
final readonly class Inbox
{
    /** Letters of a report that a list shows; the whole text opens with it. */
    private const EXCERPT = 240;
    /** Reports in the same words that one names. */
    private const LIKE = 20;
    private const MAILS = 100;

    /** @return array{reports: list<array<string, mixed>>, page: int, pages: int, total: int, open: int, all: int, kits: list<Kit>} */
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
        /** @var list<int> $alike */
        $alike = Report::query()
            ->where('likeness', $row->text('likeness'))
            ->where('id', '!=', $id)
            ->orderBy('id')
            ->limit(self::LIKE)
            ->pluck('id')
            ->all();
        $answers = ReportAnswer::query()->with('user')->where('report_id', $id)->orderBy('id')->get();

        return $this->row($row) + [
            'alike' => $alike,
            'answers' => $answers
                ->map(
                    static fn(ReportAnswer $each): array => [
                        'text' => $each->text,
                        'by' => $each->user->name ?? '',
                        'at' => $each->created_at->toIso8601String(),
                    ],
                )
                ->all(),
        ];
    }

    /** @return ?string hash of the photo, null where there is none */
    public function photo(int $id): ?string
    {
        return Report::query()->find($id)?->photo;
    }

    /** @return list<array{id: int, to: string, subject: string, body: string, at: string}> what the simulated mail would have sent, newest first */
    public function mails(): array
    {
        $mails = Mail::query()->with('customer')->orderByDesc('id')->limit(self::MAILS)->get();

        return array_values(
            $mails
                ->map(
                    static fn(Mail $mail): array => [
                        'id' => $mail->id,
                        'to' => $mail->customer->name,
                        'subject' => $mail->subject,
                        'body' => $mail->body,
                        'at' => $mail->created_at->toIso8601String(),
                    ],
                )
                ->all(),
        );
    }

    private function query(): Builder
    {
        return DB::table('report_states')
            ->join('reports', 'reports.id', '=', 'report_states.report_id')
            ->leftJoin('releases', 'releases.id', '=', 'reports.release_id')
            ->leftJoin('revisions', 'revisions.id', '=', 'releases.revision_id')
            ->leftJoin('kits', 'kits.id', '=', 'report_states.kit_id')
            ->leftJoin('customers', 'customers.id', '=', 'reports.customer_id')
            ->selectRaw('reports.*, kits.id as kit_id, kits.name as kit, revisions.name as revision, revisions.id as revision_id, report_states.symptom, report_states.cause, report_states.fault_origin, report_states.part, customers.name as customer, customers.email, answered,
                (select min(first.id) from reports first where first.likeness = reports.likeness and first.id < reports.id) as like_report');
    }

    /** @return array<string, mixed> */
    private function row(Row $row): array
    {
        return [
            'id' => $row->int('id'),
            'at' => $row->time('created_at')->toIso8601String(),
            'kitId' => $row->intOrNull('kit_id'),
            'kit' => $row->textOrNull('kit'),
            'revision' => $row->textOrNull('revision'),
            'revisionId' => $row->intOrNull('revision_id'),
            'serial' => $row->text('serial'),
            'serialKnown' => $row->has('unit_id'),
            'step' => $row->text('step'),
            'stepNumber' => $row->intOrNull('step_number'),
            'text' => $row->text('text'),
            'photo' => $row->has('photo'),
            'source' => $row->text('source'),
            'customer' => $row->textOrNull('customer'),
            'hasAddress' => $row->has('email'),
            'symptom' => $row->textOrNull('symptom'),
            'cause' => $row->textOrNull('cause'),
            'faultOrigin' => $row->textOrNull('fault_origin'),
            'part' => $row->text('part'),
            'answered' => $row->flag('answered'),
            'like' => $row->intOrNull('like_report'),
        ];
    }
}
