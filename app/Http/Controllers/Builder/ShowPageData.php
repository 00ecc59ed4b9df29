<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Actions\Builder\PrepareSearch;
use App\Queries\Builder\BuilderPage;
use App\Queries\Builder\OpenedPage;
use Illuminate\Http\JsonResponse;

/** What the public page of a kit shows. */
final readonly class ShowPageData
{
    public function __invoke(string $token, BuilderPage $builder, PrepareSearch $prepare): JsonResponse
    {
        $opened = OpenedPage::by($token);
        $page = $builder->of($opened);
        if ($page['trouble'] === null) {
            $prepare($opened->release->revision);
        }

        return new JsonResponse($page);
    }
}
