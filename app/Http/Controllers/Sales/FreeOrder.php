<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\OrderBook;
use App\Http\Requests\PlainOperation;
use App\Queries\Sales\Sales;
use Illuminate\Http\JsonResponse;

/** Gives the kits of an order back to stock. */
final readonly class FreeOrder
{
    public function __invoke(PlainOperation $request, int $order, OrderBook $book, Sales $sales): JsonResponse
    {
        $book->free($order, $request->operationId(), $request->userId());

        return new JsonResponse($sales->order($order));
    }
}
