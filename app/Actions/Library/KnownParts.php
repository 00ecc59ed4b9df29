<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\Revision;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Keeps each part of the newest revisions once, so that the Library is read and not computed. */
final readonly class KnownParts
{
    /** Fields of a line that a row of the Library shows. */
    private const SHOWN = ['kind', 'kindName', 'height', 'heightSource', 'mark', 'sensitivity', 'marking'];

    /** @param list<array<string, mixed>> $lines of the parts document */
    public function write(Revision $revision, array $lines): void
    {
        $newest = Revision::query()->where('kit_id', $revision->kit_id)->whereNull('put_aside_at')->max('id');
        if ($newest !== $revision->id) {
            return;
        }
        $rows = $names = [];
        foreach ($lines as $line) {
            $text = static fn(string $field): string => is_string($line[$field] ?? null) ? $line[$field] : '';
            /** @var non-empty-list<string> $designators */
            $designators = $line['designators'];
            $key = Fingerprint::from($designators[0], $text('text'), $text('package'), $text('description'));
            $words = array_filter(
                [$text('text'), $text('package'), $text('description')],
                static fn(string $word): bool => $word !== '',
            );
            $rows[$key] ??= [
                'fingerprint' => $key,
                'title' => mb_substr($words === [] ? $designators[0] : implode(', ', $words), 0, 190),
                'kind_name' => mb_substr($text('kindName'), 0, 60),
                'row' => json_encode(
                    array_intersect_key($line, array_flip(self::SHOWN)),
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                ),
            ];
            $names[$key] = [...$names[$key] ?? [], ...$designators];
        }
        $this->forget($revision->kit_id, array_keys($rows));
        foreach (array_chunk(array_values($rows), 500) as $chunk) {
            DB::table('known_parts')->upsert($chunk, ['fingerprint'], ['kind_name', 'row']);
        }
        foreach (array_chunk(array_keys($rows), 500) as $chunk) {
            DB::table('kit_parts')->insert(
                array_map(
                    static fn(string|int $key): array => [
                        'revision_id' => $revision->id,
                        'kit_id' => $revision->kit_id,
                        'fingerprint' => (string) $key,
                        'designators' => json_encode($names[$key], JSON_THROW_ON_ERROR),
                    ],
                    $chunk,
                ),
            );
        }
    }

    /** A part that the maker says something of is in the Library, whether a kit has it or not. */
    public static function ensure(string $fingerprint, string $title, string $kind): void
    {
        DB::table('known_parts')->insertOrIgnore([
            'fingerprint' => $fingerprint,
            'title' => $title,
            'kind_name' => $kind,
            'row' => json_encode(
                [
                    'kind' => $kind,
                    'kindName' => $kind,
                    'height' => null,
                    'heightSource' => '',
                    'mark' => null,
                    'sensitivity' => '',
                    'marking' => null,
                ],
                JSON_THROW_ON_ERROR,
            ),
        ]);
    }

    /**
     * A kit's parts leave the Library; those that no other kit has, and of which nothing is known, are gone.
     *
     * @param list<array-key> $staying fingerprints that come back at once
     */
    public function forget(int $kitId, array $staying = []): void
    {
        $had = array_map(
            static fn(Row $row): string => $row->text('fingerprint'),
            Row::all(DB::table('kit_parts')->where('kit_id', $kitId)->select('fingerprint')),
        );
        DB::table('kit_parts')->where('kit_id', $kitId)->delete();
        $gone = array_values(array_diff($had, array_map(strval(...), $staying)));
        foreach (array_chunk($gone, 500) as $chunk) {
            DB::table('known_parts')
                ->whereIn('fingerprint', $chunk)
                ->whereNotExists(
                    static fn(Builder $query): Builder => $query
                        ->from('kit_parts')
                        ->whereColumn('kit_parts.fingerprint', 'known_parts.fingerprint'),
                )
                ->whereNotExists(
                    static fn(Builder $query): Builder => $query
                        ->from('library_parts')
                        ->whereColumn('library_parts.fingerprint', 'known_parts.fingerprint'),
                )
                ->delete();
        }
    }
}
