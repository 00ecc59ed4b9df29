<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\Kit\KitFacts;
use Illuminate\Http\JsonResponse;

/** What has been said of the kit as a whole, for the forms that say it. */
final readonly class ShowFacts
{
    public function __invoke(Revision $revision, KitFacts $facts): JsonResponse
    {
        return new JsonResponse($facts->of($revision));
    }
}
