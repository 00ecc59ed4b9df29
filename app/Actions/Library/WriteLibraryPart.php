<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\LibraryPart;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Saves what the maker knows of a part, against the version that was seen. */
final readonly class WriteLibraryPart
{
    /**
     * @param array<string, mixed> $facts fields of a line in kit.json
     * @param array<string, string> $origins
     * @throws LibraryConflict when somebody else wrote it meanwhile, or the number belongs to another part
     */
    public function __invoke(
        string $fingerprint,
        string $title,
        int $seen,
        ?string $number,
        array $facts,
        array $origins,
        string $note,
        ?string $photo,
        ?int $userId,
    ): LibraryPart {
        return DB::transaction(function () use (
            $fingerprint,
            $title,
            $seen,
            $number,
            $facts,
            $origins,
            $note,
            $photo,
            $userId,
        ): LibraryPart {
            $known = LibraryPart::query()->where('fingerprint', $fingerprint)->lockForUpdate()->first();
            if (($known->version ?? 0) !== $seen) {
                throw LibraryConflict::written($known);
            }
            $other =
                $number === null
                    ? null
                    : LibraryPart::query()->where('number', $number)->where('fingerprint', '!=', $fingerprint)->first();
            if ($other !== null) {
                throw LibraryConflict::number((string) $number, $other->title);
            }
            $known ??= new LibraryPart(['fingerprint' => $fingerprint, 'title' => $title, 'version' => 0]);
            $before = $known->exists
                ? ['number' => $known->number, 'facts' => $known->facts, 'note' => $known->note]
                : null;
            $known
                ->fill([
                    'number' => $number,
                    'facts' => $facts,
                    'origins' => array_intersect_key($origins, $facts),
                    'note' => $note,
                    'photo' => $photo ?? $known->photo,
                    'version' => $seen + 1,
                ])
                ->save();
            KnownParts::ensure($fingerprint, $title, is_string($facts['kind'] ?? null) ? $facts['kind'] : '');
            Audit::record($userId, 'library.write', $before, [
                'part' => $known->id,
                'number' => $number,
                'facts' => $facts,
                'note' => $note,
            ]);

            return $known;
        });
    }
}
