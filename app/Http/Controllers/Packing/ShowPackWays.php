<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Http\Requests\Options;
use App\Models\Release;
use App\Queries\Packing\PackWays;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How long a run would take by either way. */
final readonly class ShowPackWays
{
    public function __invoke(Request $request, Release $release, PackWays $ways): JsonResponse
    {
        return new JsonResponse($ways->of($release, Options::of($request)));
    }
}
