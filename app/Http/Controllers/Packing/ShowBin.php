<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Devices\BenchScale;
use App\Models\Run;
use App\Queries\Packing\BinView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the bench scale says of the bin at hand. */
final readonly class ShowBin
{
    public function __invoke(Request $request, Run $run, int $line, BinView $bin, BenchScale $scale): JsonResponse
    {
        $number = static fn(string $name): float => is_numeric($request->query($name))
            ? max(-1e12, min(1e12, (float) $request->query($name)))
            : 0.0;

        return new JsonResponse(
            $bin->of($run, $line, $scale->readings(), $scale->now(), $number('since'), $number('carried')),
        );
    }
}
