<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\TakeOrder;
use App\Http\Requests\Sales\OrderRequest;
use App\Queries\Page;
use App\Queries\Sales\OrderSheet;
use App\Queries\Sales\Sales;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Orders, taken by hand. */
final readonly class OrderController
{
    public function index(Request $request, Sales $sales): JsonResponse
    {
        return new JsonResponse($sales->orders(Page::of($request)));
    }

    public function show(int $order, OrderSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($order));
    }

    public function store(OrderRequest $request, TakeOrder $take, Sales $sales): JsonResponse
    {
        $taken = $take($request->order(), 'hand', $request->operationId(), $request->userId());

        return new JsonResponse($sales->order($taken['id']), 201);
    }
}
