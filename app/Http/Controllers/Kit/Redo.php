<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\Turn;
use App\Actions\Kit\TurnEdit;
use App\Http\Requests\Kit\EditRequest;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** Does the edit again that was taken back last. */
final readonly class Redo
{
    public function __invoke(
        EditRequest $request,
        Revision $revision,
        TurnEdit $turn,
        RevisionHeader $header,
    ): JsonResponse {
        return new JsonResponse(
            $header->of($turn(Turn::Redo, $revision->id, $request->maker(), $request->operationId(), $request->seen())),
        );
    }
}
