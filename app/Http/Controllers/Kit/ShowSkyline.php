<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Http\Requests\Options;
use App\Models\Revision;
use App\Queries\Kit\Skyline;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The flipped board on the table at one step, seen from its front edge. */
final readonly class ShowSkyline
{
    public function __invoke(Request $request, Revision $revision, int $step, Skyline $skyline): JsonResponse
    {
        return new JsonResponse($skyline->at($revision, $step, Options::of($request)));
    }
}
