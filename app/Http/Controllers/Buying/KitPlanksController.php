<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Queries\Buying\KitPlanks;
use Illuminate\Http\JsonResponse;

/** How far each part of a kit reaches. */
final readonly class KitPlanksController
{
    public function show(int $kit, KitPlanks $planks): JsonResponse
    {
        return new JsonResponse($planks->of($kit));
    }
}
