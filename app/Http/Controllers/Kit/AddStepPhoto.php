<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\PlacePhoto;
use App\Http\Requests\Kit\StepPhotoRequest;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** Puts a photograph at a step. */
final readonly class AddStepPhoto
{
    public function __invoke(
        StepPhotoRequest $request,
        Revision $revision,
        PlacePhoto $place,
        RevisionHeader $header,
    ): JsonResponse {
        return new JsonResponse(
            $header->of(
                $place(
                    $revision,
                    $request->maker(),
                    (string) $request->string('operationId'),
                    $request->integer('sequence'),
                    $request->bytes(),
                    $request->corners(),
                    $request->parts(),
                    (string) $request->string('board'),
                    $request->side(),
                    $request->boolean('sure'),
                ),
            ),
        );
    }
}
