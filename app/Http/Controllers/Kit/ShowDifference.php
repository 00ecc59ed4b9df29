<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\Kit\Difference;
use Illuminate\Http\JsonResponse;

/** What changed from an earlier revision of the same kit. */
final readonly class ShowDifference
{
    public function __invoke(Revision $revision, Revision $earlier, Difference $difference): JsonResponse
    {
        return new JsonResponse($difference->between($earlier, $revision));
    }
}
