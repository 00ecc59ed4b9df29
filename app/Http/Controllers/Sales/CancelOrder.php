<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\ChangeOrder;
use App\Http\Requests\Sales\OrderCancelRequest;
use App\Queries\Sales\OrderSheet;
use Illuminate\Http\JsonResponse;

/** Cancels what of an order has not left. */
final readonly class CancelOrder
{
    public function __invoke(OrderCancelRequest $request, int $order, ChangeOrder $act, OrderSheet $sheet): JsonResponse
    {
        $act->cancel(
            $order,
            $request->integer('seen'),
            (string) $request->string('note'),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($sheet->of($order));
    }
}
