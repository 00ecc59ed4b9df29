<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\ChangeOrder;
use App\Http\Requests\Sales\OrderChangeRequest;
use App\Queries\Sales\OrderSheet;
use Illuminate\Http\JsonResponse;

/** Changes what an order wants. */
final readonly class ChangeLines
{
    public function __invoke(OrderChangeRequest $request, int $order, ChangeOrder $act, OrderSheet $sheet): JsonResponse
    {
        $act->to(
            $order,
            $request->integer('seen'),
            $request->orderLines(),
            (string) $request->string('note'),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($sheet->of($order));
    }
}
