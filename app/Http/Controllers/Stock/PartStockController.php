<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Queries\Page;
use App\Queries\Stock\PartStock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Parts on hand. */
final readonly class PartStockController
{
    public function index(Request $request, PartStock $stock): JsonResponse
    {
        return new JsonResponse($stock->page(Page::of($request)));
    }

    public function show(Request $request, PartStock $stock): JsonResponse
    {
        return new JsonResponse($stock->part((string) $request->string('fingerprint')));
    }
}
