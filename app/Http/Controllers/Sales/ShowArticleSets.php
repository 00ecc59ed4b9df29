<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Models\Kit;
use App\Queries\Sales\ArticleSets;
use Illuminate\Http\JsonResponse;

/** What of a kit may be sold by itself. */
final readonly class ShowArticleSets
{
    public function __invoke(Kit $kit, ArticleSets $sets): JsonResponse
    {
        return new JsonResponse($sets->of($kit));
    }
}
