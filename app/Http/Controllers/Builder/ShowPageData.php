<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Queries\Builder\BuilderPage;
use App\Queries\Builder\OpenedPage;
use Illuminate\Http\JsonResponse;

/** What the public page of a kit shows. */
final readonly class ShowPageData
{
    public function __invoke(string $token, BuilderPage $builder): JsonResponse
    {
        return new JsonResponse($builder->of(OpenedPage::by($token)));
    }
}
