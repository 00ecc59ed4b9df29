<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\EditConflict;
use App\Actions\Kit\UndoEdit;
use App\Actions\Kit\UnknownChange;
use App\Http\Requests\Kit\EditRequest;
use App\Http\Resources\ConflictResource;
use App\Models\Revision;
use App\Queries\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** Takes the newest edit back. */
final readonly class Undo
{
    public function __invoke(
        EditRequest $request,
        Revision $revision,
        UndoEdit $undo,
        RevisionHeader $header,
    ): JsonResponse {
        try {
            return new JsonResponse(
                $header->of($undo($revision->id, $request->maker(), $request->operationId(), $request->seen())),
            );
        } catch (EditConflict $conflict) {
            return ConflictResource::response($conflict, []);
        } catch (UnknownChange $unknown) {
            return new JsonResponse(['message' => $unknown->getMessage()], 422);
        }
    }
}
