<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Actions\Buying\OrderParts;
use App\Http\Requests\Buying\PurchaseReceiptRequest;
use App\Queries\Buying\Purchases;
use Illuminate\Http\JsonResponse;

/** What came of a line of an order, as a lot. */
final readonly class ReceivePurchase
{
    public function __invoke(
        PurchaseReceiptRequest $request,
        int $line,
        OrderParts $order,
        Purchases $purchases,
    ): JsonResponse {
        $purchase = $order->receive(
            $line,
            trim((string) $request->string('lot')),
            $request->quantity(),
            $request->boolean('isLast'),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($purchases->purchase($purchase), 201);
    }
}
