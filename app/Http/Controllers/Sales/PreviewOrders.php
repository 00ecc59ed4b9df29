<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Http\Requests\Sales\OrderFileRequest;
use App\Queries\Sales\OrderPreview;
use ChiralexAdapters\UnusableFile;
use Illuminate\Http\JsonResponse;

/** Reads a table of orders and books nothing. */
final readonly class PreviewOrders
{
    /** @throws UnusableFile when the file is over the limit */
    public function __invoke(OrderFileRequest $request, OrderPreview $preview): JsonResponse
    {
        return new JsonResponse($preview->of($request->bytes(), $request->fileName(), $request->reading()));
    }
}
