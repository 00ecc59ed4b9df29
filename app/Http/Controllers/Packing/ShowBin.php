<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Models\Run;
use App\Queries\Packing\BinView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the bench scale says of the bin at hand. */
final readonly class ShowBin
{
    public function __invoke(Request $request, Run $run, int $line, BinView $bin): JsonResponse
    {
        $since = $request->query('since');

        return new JsonResponse($bin->of($run, $line, is_string($since) && is_numeric($since) ? (float) $since : -INF));
    }
}
