<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Queries\Sales\PriceSheet;
use Illuminate\Http\JsonResponse;

/** What the parts of one kit cost by the size of the batch. */
final readonly class ShowCurve
{
    public function __invoke(int $kit, PriceSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->curve($kit));
    }
}
