<?php

declare(strict_types=1);

namespace App\Queries\Library;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Every part of the newest revision of every kit, once, with what the library knows of it: a page of what was written when a kit changed. */
final readonly class Library
{
    private const SORTS = [
        'title' => 'lower(known_parts.title)',
        'kind' => 'lower(kind_name)',
        'number' => 'number',
        'height' => "(known_parts.row ->> 'height')::float",
        'used' => '(select count(*) from kit_parts where kit_parts.fingerprint = known_parts.fingerprint)',
    ];
    /** Kits that a row names. */
    private const USES = 12;

    /** @return array{parts: list<array<string, mixed>>, page: int, pages: int, total: int, own: int, inAll: int} by kind, then title */
    public function page(Page $page): array
    {
        $query = $this->query();
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('known_parts.title', 'ilike', $page->pattern())
                    ->orWhere('kind_name', 'ilike', $page->pattern())
                    ->orWhere('number', 'ilike', $page->pattern())
                    ->orWhere('note', 'ilike', $page->pattern())
                    ->orWhereExists(
                        static fn(Builder $uses): Builder => $uses
                            ->from('kit_parts')
                            ->join('kits', 'kits.id', '=', 'kit_parts.kit_id')
                            ->whereColumn('kit_parts.fingerprint', 'known_parts.fingerprint')
                            ->where(
                                static fn(Builder $named): Builder => $named
                                    ->where('kits.name', 'ilike', $page->pattern())
                                    ->orWhereJsonContains('designators', $page->search),
                            ),
                    ),
            );
        }
        $all = DB::table('known_parts')->count();
        $total = $page->search === '' ? $all : (clone $query)->count();
        $query->orderByRaw(
            $page->order(self::SORTS, 'known_parts.fingerprint') ??
                'kind_name, known_parts.title, known_parts.fingerprint',
        );

        return [
            'parts' => $this->shown(Row::all($page->cut($query))),
            'inAll' => $all,
            'own' => DB::table('library_parts')->count(),
        ] + $page->told($total);
    }

    /** @return array<string, mixed> */
    public function part(string $fingerprint): array
    {
        return $this->shown(Row::all($this->query()->where('known_parts.fingerprint', $fingerprint)))[0] ??
            abort(404, 'There is no such part in the Library; reload the page.');
    }

    /** @return array<string, mixed> the part at a place of a kit */
    public function standing(int $revisionId, string $designator): array
    {
        $fingerprint = DB::table('kit_parts')
            ->where('revision_id', $revisionId)
            ->whereJsonContains('designators', $designator)
            ->value('fingerprint');

        return is_string($fingerprint)
            ? $this->part($fingerprint)
            : abort(404, 'The Library shows the parts of the newest revision of each kit.');
    }

    private function query(): Builder
    {
        return DB::table('known_parts')
            ->leftJoin('library_parts', 'library_parts.fingerprint', '=', 'known_parts.fingerprint')
            ->select([
                'library_parts.id',
                'known_parts.fingerprint',
                'known_parts.title',
                'known_parts.row',
                'number',
                'facts',
                'origins',
                'note',
                'photo',
                'version',
            ]);
    }

    /**
     * @param list<Row> $rows
     * @return list<array<string, mixed>>
     */
    private function shown(array $rows): array
    {
        $uses = [];
        $prints = array_map(static fn(Row $row): string => $row->text('fingerprint'), $rows);
        foreach (
            Row::all(
                DB::table('kit_parts')
                    ->join('kits', 'kits.id', '=', 'kit_parts.kit_id')
                    ->whereIn('fingerprint', $prints)
                    ->orderBy('kits.name')
                    ->select(['fingerprint', 'kits.name', 'revision_id', 'designators']),
            ) as $use
        ) {
            $uses[$use->text('fingerprint')][] = [
                'kit' => $use->text('name'),
                'revisionId' => $use->int('revision_id'),
                'designators' => json_decode($use->text('designators'), true),
            ];
        }

        return array_map(static function (Row $row) use ($uses): array {
            /** @var array<string, mixed> $shown */
            $shown = json_decode($row->text('row'), true, 32, JSON_THROW_ON_ERROR);
            $json = static fn(string $field): mixed => json_decode($row->has($field) ? $row->text($field) : '{}', true);
            $mine = $uses[$row->text('fingerprint')] ?? [];
            $facts = $json('facts');

            return [
                'id' => $row->intOrNull('id'),
                'fingerprint' => $row->text('fingerprint'),
                'title' => $row->text('title'),
                'number' => $row->textOrNull('number'),
                'facts' => $facts,
                'origins' => $json('origins'),
                'note' => $row->text('note'),
                'photo' => $row->has('photo'),
                'version' => $row->intOrNull('version') ?? 0,
                'kind' => is_array($facts) && is_string($facts['kind'] ?? null) ? $facts['kind'] : $shown['kind'] ?? '',
                'usedIn' => array_slice($mine, 0, self::USES),
                'uses' => count($mine),
            ] +
                array_diff_key($shown, ['kind' => true]) + [
                    'kindName' => '',
                    'height' => null,
                    'heightSource' => '',
                    'mark' => null,
                    'sensitivity' => '',
                    'marking' => null,
                ];
        }, $rows);
    }
}
