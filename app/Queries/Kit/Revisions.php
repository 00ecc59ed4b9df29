<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Release;
use App\Models\Revision;

/** The revisions of one kit, the newest first. */
final readonly class Revisions
{
    /** @return list<array{id: int, revision: string, released: bool, aside: bool, changed: string}> */
    public function of(int $kitId): array
    {
        $released = Release::query()
            ->whereIn('revision_id', Revision::query()->where('kit_id', $kitId)->select('id'))
            ->pluck('revision_id')
            ->all();

        return array_values(
            Revision::query()
                ->where('kit_id', $kitId)
                ->orderByDesc('id')
                ->get()
                ->map(
                    static fn(Revision $each): array => [
                        'id' => $each->id,
                        'revision' => $each->name,
                        'released' => in_array($each->id, $released, true),
                        'aside' => $each->put_aside_at !== null,
                        'changed' => $each->updated_at->toIso8601String(),
                    ],
                )
                ->all(),
        );
    }
}
