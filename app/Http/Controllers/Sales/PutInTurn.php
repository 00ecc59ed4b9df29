<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\MoveTurn;
use App\Http\Requests\Sales\TurnRequest;
use App\Queries\Sales\Sales;
use Illuminate\Http\JsonResponse;

/** Puts an order before another in the row in which they are served. */
final readonly class PutInTurn
{
    public function __invoke(TurnRequest $request, int $order, MoveTurn $move, Sales $sales): JsonResponse
    {
        $before = $request->filled('before') ? $request->integer('before') : null;
        $move($order, $before, $request->operationId(), $request->userId());

        return new JsonResponse($sales->strip());
    }
}
