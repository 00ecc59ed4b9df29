<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\OrderBook;
use App\Http\Requests\Sales\TrackingRequest;
use App\Queries\Sales\Sales;
use Illuminate\Http\JsonResponse;

/** Ships an order. */
final readonly class ShipOrder
{
    public function __invoke(TrackingRequest $request, int $order, OrderBook $book, Sales $sales): JsonResponse
    {
        $book->ship($order, $request->operationId(), $request->userId(), (string) $request->string('tracking'));

        return new JsonResponse($sales->order($order));
    }
}
