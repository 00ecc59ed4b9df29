<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Reports of a kit in stacks, one for each matter, with the place on the board or the step that it is about. */
final readonly class Stacks
{
    private const EXCERPT = 120;

    /**
     * @param ?int $kit 0 for those of which nobody knows the kit; null for the one with most to do
     * @return array<string, mixed> the stack with the newest letter first
     */
    public function page(Page $page, ?int $kit, bool $openOnly): array
    {
        $kits = $this->kits();
        $wanted = array_column($kits, 'id');
        $of = match (true) {
            $kit === 0 => null,
            $kit !== null && in_array($kit, $wanted, true) => $kit,
            default => $wanted[0] ?? null,
        };
        $query = $this->query($of, $openOnly, $page);
        $total = DB::query()->fromSub(clone $query, 'stacks')->count();

        return [
            'stacks' => array_map(
                self::shape(...),
                Row::all($page->cut($query->orderByRaw('max(report_states.at) desc'))),
            ),
            'kits' => $kits,
            'kit' => $of,
        ] + $page->told($total);
    }

    private function query(?int $kit, bool $openOnly, Page $page): Builder
    {
        $open = 'not (judged and answered)';
        // A stack hangs where the letter points whose words are shown, as long as it points anywhere.
        $place =
            "coalesce(case when judged then nullif(report_states.causes -> 0 ->> 'part', '') end, nullif(place, ''))";
        $query = DB::table('report_states')
            ->join('reports', 'reports.id', '=', 'report_states.report_id')
            ->leftJoin('report_matters', 'report_matters.report_id', '=', 'reports.id')
            ->groupByRaw('coalesce(matter_id, reports.id)')
            ->selectRaw(
                "coalesce(matter_id, reports.id) as matter, count(*) as count,
                count(*) filter (where {$open}) as open, max(report_states.at) as at,
                (array_agg(reports.id order by ({$open}) desc, report_states.at desc))[1:60] as reports,
                (array_agg(reports.text order by ({$open}) desc, report_states.at desc))[1] as text,
                coalesce((array_agg({$place} order by ({$open}) desc, report_states.at desc)
                    filter (where {$place} is not null))[1], '') as place,
                mode() within group (order by step_number) as step,
                mode() within group (order by coalesce(report_states.symptom, nullif(reports.symptom, ''))) as symptom",
            );
        $kit === null ? $query->whereNull('report_states.kit_id') : $query->where('report_states.kit_id', $kit);
        if ($openOnly) {
            $query->havingRaw("count(*) filter (where {$open}) > 0");
        }
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('reports.text', 'ilike', $page->pattern())
                    ->orWhere('reports.serial', 'ilike', $page->pattern()),
            );
        }

        return $query;
    }

    /** @return array<string, mixed> */
    private static function shape(Row $row): array
    {
        return [
            'matter' => $row->int('matter'),
            'reports' => array_map(intval(...), explode(',', trim($row->text('reports'), '{}'))),
            'count' => $row->int('count'),
            'open' => $row->int('open'),
            'at' => $row->time('at')->toIso8601String(),
            'text' => mb_substr($row->text('text'), 0, self::EXCERPT),
            'place' => $row->text('place'),
            'step' => $row->intOrNull('step'),
            'symptom' => $row->textOrNull('symptom'),
        ];
    }

    /** @return list<array{id: ?int, name: string, revisionId: ?int, open: int}> those with most open reports first; the unknown kit last */
    private function kits(): array
    {
        return array_map(
            static fn(Row $row): array => [
                'id' => $row->intOrNull('kit_id'),
                'name' => $row->textOrNull('name') ?? '',
                'revisionId' => $row->intOrNull('revision'),
                'open' => $row->int('open'),
            ],
            Row::all(
                DB::table('report_states')
                    ->leftJoin('kits', 'kits.id', '=', 'kit_id')
                    ->groupBy('kit_id', 'kits.name')
                    ->orderByRaw('kit_id is null, count(*) filter (where not (judged and answered)) desc, kit_id')
                    ->selectRaw(
                        'kit_id, kits.name, count(*) filter (where not (judged and answered)) as open,
                        (select max(releases.revision_id) from releases
                            join revisions on revisions.id = releases.revision_id
                            where revisions.kit_id = report_states.kit_id) as revision',
                    ),
            ),
        );
    }
}
