<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\CheckTheScale;
use App\Devices\BenchScale;
use App\Http\Requests\Packing\CheckScaleRequest;
use App\Models\Run;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;

/** The check mass lies on the scale. */
final readonly class CheckScale
{
    public function __invoke(
        CheckScaleRequest $request,
        Run $run,
        CheckTheScale $check,
        BenchScale $scale,
    ): JsonResponse {
        return new JsonResponse(
            $check(
                $run,
                $request->readings(Shop::ours()->scalePattern()) ?? $scale->readings(),
                $request->operationId(),
                $request->userId(),
            ),
        );
    }
}
