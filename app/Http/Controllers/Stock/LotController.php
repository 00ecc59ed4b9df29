<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\ReceiveLots;
use App\Http\Requests\Stock\ReceiveRequest;
use App\Queries\Stock\PartStock;
use Illuminate\Http\JsonResponse;

/** Lots that come in. */
final readonly class LotController
{
    public function store(ReceiveRequest $request, ReceiveLots $receive, PartStock $stock): JsonResponse
    {
        $receipt = $request->receipt();
        $receive([$receipt], $request->operationId(), $request->userId());

        return new JsonResponse($stock->part($receipt->fingerprint), 201);
    }
}
