<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\Kit\StepTimes;
use Illuminate\Http\JsonResponse;

/** How long builders took for each step, and where they stopped. */
final readonly class ShowStepTimes
{
    public function __invoke(Revision $revision, StepTimes $times): JsonResponse
    {
        return new JsonResponse($times->of($revision));
    }
}
