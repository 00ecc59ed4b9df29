<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Http\Requests\Packing\ReadBinRequest;
use App\Models\Run;
use App\Models\Shop;
use App\Queries\Packing\BinView;
use Illuminate\Http\JsonResponse;

/** What a scale that is connected to the browser says of the bin at hand. */
final readonly class ReadBin
{
    public function __invoke(ReadBinRequest $request, Run $run, int $line, BinView $bin): JsonResponse
    {
        return new JsonResponse(
            $bin->of(
                $run,
                $line,
                $request->readings(Shop::ours()->scalePattern()),
                $request->float('now'),
                $request->float('since'),
                $request->float('carried'),
            ),
        );
    }
}
