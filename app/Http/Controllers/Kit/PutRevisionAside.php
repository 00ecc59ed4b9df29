<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\PutAside;
use App\Http\Requests\Kit\AsideRequest;
use App\Models\Revision;
use App\Queries\Kit\Revisions;
use Illuminate\Http\JsonResponse;

/** A revision out of the lists, or back into them. */
final readonly class PutRevisionAside
{
    public function __invoke(AsideRequest $request, Revision $revision, PutAside $put, Revisions $all): JsonResponse
    {
        $put->revision($revision, $request->boolean('aside'), $request->userId());

        return new JsonResponse(['revisions' => $all->of($revision->kit_id)]);
    }
}
