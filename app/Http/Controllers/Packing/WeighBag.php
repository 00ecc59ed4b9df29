<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Http\Requests\Packing\WeighBagRequest;
use App\Models\Run;
use App\Queries\Packing\BagWeighing;
use Illuminate\Http\JsonResponse;

/** Whether a finished bag weighs what it should, and if not, why most likely. */
final readonly class WeighBag
{
    public function __invoke(WeighBagRequest $request, Run $run, BagWeighing $weighing): JsonResponse
    {
        return new JsonResponse($weighing->of($run, (string) $request->string('bag'), $request->float('grams')));
    }
}
