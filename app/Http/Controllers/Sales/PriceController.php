<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\ArticleConflict;
use App\Actions\Sales\PriceFacts;
use App\Http\Requests\Sales\PriceRequest;
use App\Http\Requests\Sales\PriceTrialRequest;
use App\Queries\Sales\PriceSheet;
use Illuminate\Http\JsonResponse;

/** What a kit costs, and its price. */
final readonly class PriceController
{
    public function show(PriceTrialRequest $request, int $kit, PriceSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($kit, $request->tried(), $request->price()));
    }

    /** @throws ArticleConflict when somebody else changed the costs meanwhile */
    public function update(PriceRequest $request, int $kit, PriceFacts $facts, PriceSheet $sheet): JsonResponse
    {
        $facts->write($kit, $request->facts(), $request->integer('version'), $request->userId());

        return new JsonResponse($sheet->of($kit, [], null));
    }
}
