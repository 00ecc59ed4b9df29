<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\OrderBook;
use App\Http\Requests\Sales\TrackingRequest;
use App\Queries\Sales\OrderSheet;
use Illuminate\Http\JsonResponse;

/** Notes by which number the carrier knows the parcel. */
final readonly class NoteTracking
{
    public function __invoke(TrackingRequest $request, int $order, OrderBook $act, OrderSheet $sheet): JsonResponse
    {
        $act->track($order, (string) $request->string('tracking'), $request->operationId(), $request->userId());

        return new JsonResponse($sheet->of($order));
    }
}
