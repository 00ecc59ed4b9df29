<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\CancelImport;
use App\Actions\Kit\RequestImport;
use App\Http\Requests\Kit\DroppedFiles;
use App\Models\Import;
use App\Models\Revision;
use Illuminate\Http\JsonResponse;

/** Dropped files on their way to a kit: hand them in, see how far they are, take them back. */
final readonly class ImportController
{
    public function store(DroppedFiles $request, RequestImport $ask): JsonResponse
    {
        return new JsonResponse(
            self::shape(
                $ask(
                    $request->dropped(),
                    $request->userId(),
                    $request->operationId(),
                    $request->designatorColumn(),
                    $request->list(),
                ),
            ),
            202,
        );
    }

    public function show(Import $import): JsonResponse
    {
        return new JsonResponse(self::shape($import));
    }

    public function destroy(Import $import, CancelImport $cancel): JsonResponse
    {
        $cancel($import);

        return new JsonResponse(self::shape($import->refresh()));
    }

    /** @return array{id: int, status: string, progress: int, fault: ?string, headers: list<string>, lists: list<string>, kitId: ?int, revisionId: ?int} */
    private static function shape(Import $import): array
    {
        $revision = $import->revision_id === null ? null : Revision::query()->find($import->revision_id);

        return [
            'id' => $import->id,
            'status' => $import->status,
            'progress' => $import->progress,
            'fault' => $import->fault,
            'headers' => $import->headers ?? [],
            'lists' => $import->lists ?? [],
            'kitId' => $revision?->kit_id,
            'revisionId' => $revision?->id,
        ];
    }
}
