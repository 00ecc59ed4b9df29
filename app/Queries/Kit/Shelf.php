<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Kit;
use App\Queries\Page;
use App\Support\Row;
use Chiralex\Trade\Whereabouts;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The rows of the Shelf, from stored facts: each kit with its newest revision, what is open and what to do next. Nothing is computed here. */
final readonly class Shelf
{
    /** @return array{kits: list<array<string, mixed>>, page: int, pages: int, total: int, aside: int} */
    public function page(Page $page, bool $aside): array
    {
        $query = $this->query()->whereNull('kits.put_aside_at', not: $aside);
        if ($page->search !== '') {
            $query->where('kits.name', 'ilike', $page->pattern());
        }
        $total = (clone $query)->count();

        return [
            'kits' => $this->rows($page->cut($query->orderByRaw('lower(kits.name), kits.id'))),
            'aside' => Kit::query()->whereNotNull('put_aside_at')->count(),
        ] + $page->told($total);
    }

    /** @return array<string, mixed> */
    public function row(int $kitId): array
    {
        return $this->rows($this->query()->where('kits.id', $kitId))[0] ?? abort(404, 'There is no such kit.');
    }

    private function query(): Builder
    {
        // The newest revision that is not put aside; of a kit whose revisions all are, the newest.
        return DB::table('kits')->join(
            'revisions',
            static fn(JoinClause $join): JoinClause => $join->whereRaw(
                'revisions.id = (select id from revisions mine where mine.kit_id = kits.id
                    order by (put_aside_at is not null), id desc limit 1)',
            ),
        );
    }

    /** @return list<array<string, mixed>> */
    private function rows(Builder $query): array
    {
        $rows = Row::all(
            $query
                ->leftJoin('revision_facts', 'revision_facts.revision_id', '=', 'revisions.id')
                ->leftJoin('releases', 'releases.revision_id', '=', 'revisions.id')
                ->selectRaw(
                    'kits.id, kits.name, kits.put_aside_at, revisions.id as revision_id, revisions.name as revision, revisions.sequence, revisions.updated_at, releases.id as release_id,
            (select count(*) from revisions others where others.kit_id = kits.id) as revisions, shelf, picture,
                fault, revision_facts.sequence as facts_sequence, revision_facts.code,
            exists (select 1 from releases any_release join revisions mine on mine.id = any_release.revision_id
                where mine.kit_id = kits.id) as ever_released',
                ),
        );
        $ids = array_map(static fn(Row $row): int => $row->int('id'), $rows);
        $hand = self::counts(
            DB::table('unit_states')->whereIn('kit_id', $ids)->whereIn('entry', Whereabouts::onHand()),
        );
        $open = self::counts(DB::table('report_states')->whereIn('kit_id', $ids)->where('judged', false));

        return array_map(
            static fn(Row $row): array => self::shown($row, $hand[$row->int('id')] ?? 0, $open[$row->int('id')] ?? 0),
            $rows,
        );
    }

    /** @return array<int, int> */
    private static function counts(Builder $query): array
    {
        $counts = [];
        foreach (Row::all($query->groupBy('kit_id')->selectRaw('kit_id, count(*) as n')) as $row) {
            $counts[$row->int('kit_id')] = $row->int('n');
        }

        return $counts;
    }

    /** @return array<string, mixed> */
    private static function shown(Row $row, int $onHand, int $openReports): array
    {
        $shelf = $row->has('shelf') ? json_decode($row->text('shelf'), true) : null;

        return [
            'id' => $row->int('id'),
            'name' => $row->text('name'),
            'revisionId' => $row->int('revision_id'),
            'revision' => $row->text('revision'),
            'revisions' => $row->int('revisions'),
            'sequence' => $row->int('sequence'),
            'changed' => $row->time('updated_at')->toIso8601String(),
            'released' => $row->has('release_id'),
            'onHand' => $onHand,
            'openReports' => $openReports,
            'aside' => $row->has('put_aside_at'),
            'mayDelete' => !$row->flag('ever_released'),
            'fault' => $row->textOrNull('fault'),
            'picture' => $row->has('picture') ? trim($row->text('picture')) : null,
            // Older facts are shown until the worker has newer ones.
            'current' =>
                $row->has('facts_sequence') &&
                $row->int('facts_sequence') === $row->int('sequence') &&
                $row->text('code') === config()->string('app.code'),
            'facts' => is_array($shelf) ? $shelf : null,
        ];
    }
}
