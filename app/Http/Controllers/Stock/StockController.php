<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Queries\Page;
use App\Queries\Sales\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Kits in stock. */
final readonly class StockController
{
    public function index(Request $request, Stock $stock): JsonResponse
    {
        return new JsonResponse($stock->kits(Page::of($request)));
    }
}
