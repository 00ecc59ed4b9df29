<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Queries\Page;
use App\Queries\Stock\LotKits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Kits that have pieces of a lot. */
final readonly class LotKitsController
{
    public function index(Request $request, int $lot, LotKits $kits): JsonResponse
    {
        return new JsonResponse($kits->page($lot, Page::of($request)));
    }
}
