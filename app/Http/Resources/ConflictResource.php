<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Kit\Change;
use App\Actions\Kit\EditConflict;
use App\Models\Edit;
use Illuminate\Http\JsonResponse;

/** Both texts of a conflict: what others changed, and the caller's own words, kept. */
final readonly class ConflictResource
{
    /** @param list<Change> $mine */
    public static function response(EditConflict $conflict, array $mine): JsonResponse
    {
        return new JsonResponse(
            [
                'message' => $conflict->getMessage(),
                'sequence' => $conflict->revision->sequence,
                'theirs' => $conflict->edits->map(self::edit(...))->all(),
                'mine' => array_map(static fn(Change $change): array => $change->toArray(), $mine),
            ],
            409,
        );
    }

    /** @return array{sequence: int, by: string, at: string, change: list<array<string, mixed>>, undoes: ?int} */
    public static function edit(Edit $edit): array
    {
        return [
            'sequence' => $edit->sequence,
            'by' => $edit->user->name,
            'at' => $edit->created_at->toIso8601String(),
            'change' => $edit->change,
            'undoes' => $edit->undoes,
        ];
    }
}
