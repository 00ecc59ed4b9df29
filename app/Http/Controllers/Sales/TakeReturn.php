<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\ReturnGoods;
use App\Http\Requests\Sales\ReturnRequest;
use App\Queries\Sales\OrderSheet;
use Illuminate\Http\JsonResponse;

/** Takes back what a customer sent back. */
final readonly class TakeReturn
{
    public function __invoke(ReturnRequest $request, int $order, ReturnGoods $act, OrderSheet $sheet): JsonResponse
    {
        $act(
            $order,
            $request->serials(),
            $request->goods(),
            $request->boolean('again'),
            (string) $request->string('note'),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($sheet->of($order));
    }
}
