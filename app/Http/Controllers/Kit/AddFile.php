<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\AddFiles;
use App\Http\Requests\Kit\AddFileRequest;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** Adds or replaces files of a draft: a parts list, a placement file, a kit.json. */
final readonly class AddFile
{
    public function __invoke(
        AddFileRequest $request,
        Revision $revision,
        AddFiles $add,
        RevisionHeader $header,
    ): JsonResponse {
        return new JsonResponse(
            $header->of(
                $add(
                    $revision,
                    $request->maker(),
                    $request->operationId(),
                    $request->seen(),
                    $request->dropped(),
                    $request->list(),
                ),
            ),
        );
    }
}
