<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Actions\Buying\OrderParts;
use App\Http\Requests\Buying\PurchaseRequest;
use App\Models\User;
use App\Queries\Buying\Purchases;
use App\Queries\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was ordered from suppliers. */
final readonly class PurchaseController
{
    public function index(Request $request, Purchases $purchases): JsonResponse
    {
        return new JsonResponse($purchases->page(Page::of($request)));
    }

    public function store(PurchaseRequest $request, OrderParts $order, Purchases $purchases): JsonResponse
    {
        $id = $order->order(
            $request->batches(),
            (string) $request->string('total'),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($purchases->purchase($id), 201);
    }

    /** Calls it off: nothing of it is awaited any more. */
    public function destroy(Request $request, int $purchase, OrderParts $order, Purchases $purchases): JsonResponse
    {
        $user = $request->user();
        $order->cancel($purchase, $user instanceof User ? $user->id : null);

        return new JsonResponse($purchases->purchase($purchase));
    }
}
