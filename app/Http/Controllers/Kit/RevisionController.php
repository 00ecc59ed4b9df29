<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\RevisionHeader;
use Illuminate\Http\JsonResponse;

final readonly class RevisionController
{
    public function show(Revision $revision, RevisionHeader $header): JsonResponse
    {
        return new JsonResponse($header->of($revision));
    }
}
