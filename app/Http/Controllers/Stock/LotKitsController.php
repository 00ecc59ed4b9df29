<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Queries\Page;
use App\Queries\Stock\PartStock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Kits that have pieces of a lot. */
final readonly class LotKitsController
{
    public function index(Request $request, int $lot, PartStock $stock): JsonResponse
    {
        return new JsonResponse($stock->kits($lot, Page::of($request)));
    }
}
