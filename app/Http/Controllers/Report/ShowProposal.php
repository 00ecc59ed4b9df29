<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Queries\Report\Proposals;
use Illuminate\Http\JsonResponse;

/** What the kit's own model makes of a report. */
final readonly class ShowProposal
{
    public function __invoke(int $report, Proposals $proposals): JsonResponse
    {
        return new JsonResponse($proposals->of($report));
    }
}
