<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\Turn;
use App\Actions\Kit\TurnEdit;
use App\Http\Requests\Kit\EditRequest;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** Takes the newest edit back. */
final readonly class Undo
{
    public function __invoke(
        EditRequest $request,
        Revision $revision,
        TurnEdit $turn,
        RevisionHeader $header,
    ): JsonResponse {
        return new JsonResponse(
            $header->of($turn(Turn::Undo, $revision->id, $request->maker(), $request->operationId(), $request->seen())),
        );
    }
}
