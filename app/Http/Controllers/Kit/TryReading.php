<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Http\Requests\Kit\TryReadingRequest;
use App\Http\Requests\Options;
use App\Models\Revision;
use App\Queries\Kit\ReadingTrial;
use Illuminate\Http\JsonResponse;

/** What a test would expect; nothing is saved. */
final readonly class TryReading
{
    public function __invoke(TryReadingRequest $request, Revision $revision, ReadingTrial $trial): JsonResponse
    {
        $adjusts = $request->text('adjusts');

        return new JsonResponse(
            $trial->of(
                $revision,
                $request->text('expect'),
                $request->text('accuracy'),
                $adjusts === '' ? null : $adjusts,
                Options::of($request),
            ),
        );
    }
}
