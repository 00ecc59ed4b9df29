<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Queries\Sales\Sales;
use Illuminate\Http\JsonResponse;

/** What is to ship, the oldest first. */
final readonly class ShowStrip
{
    public function __invoke(Sales $sales): JsonResponse
    {
        return new JsonResponse($sales->strip());
    }
}
