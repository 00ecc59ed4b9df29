<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Http\Requests\Buying\BatchesRequest;
use App\Queries\Buying\BuyingSheet;
use Illuminate\Http\JsonResponse;

/** The plan of what to order for some kits. */
final readonly class BuyingController
{
    public function show(BatchesRequest $request, BuyingSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($request->batches()));
    }
}
