<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\ReceiveLots;
use App\Http\Requests\Stock\ReceiveRequest;
use App\Queries\Page;
use App\Queries\Stock\PartStock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Lots: receive one, see which kits have pieces of it. */
final readonly class LotController
{
    public function store(ReceiveRequest $request, ReceiveLots $receive, PartStock $stock): JsonResponse
    {
        $receipt = $request->receipt();
        $receive([$receipt], $request->operationId(), $request->userId());

        return new JsonResponse($stock->part($receipt->fingerprint), 201);
    }

    public function kits(Request $request, int $lot, PartStock $stock): JsonResponse
    {
        return new JsonResponse($stock->kits($lot, Page::of($request)));
    }
}
