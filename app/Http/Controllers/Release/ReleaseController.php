<?php

declare(strict_types=1);

namespace App\Http\Controllers\Release;

use App\Actions\Release\ReleaseRevision;
use App\Http\Requests\PlainOperation;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** Releases a revision. */
final readonly class ReleaseController
{
    public function __invoke(
        PlainOperation $request,
        Revision $revision,
        ReleaseRevision $release,
        RevisionHeader $header,
    ): JsonResponse {
        $release($revision->id, $request->userId(), $request->operationId(), $request->seen());

        return new JsonResponse($header->of($revision->refresh()), 201);
    }
}
