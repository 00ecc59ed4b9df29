<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\PutAside;
use App\Http\Requests\Kit\AsideRequest;
use App\Models\Kit;
use App\Queries\Kit\Shelf;
use Illuminate\Http\JsonResponse;

/** A kit out of the lists, or back into them. */
final readonly class PutKitAside
{
    public function __invoke(AsideRequest $request, Kit $kit, PutAside $put, Shelf $shelf): JsonResponse
    {
        $put->kit($kit, $request->boolean('aside'), $request->userId());

        return new JsonResponse($shelf->row($kit->id));
    }
}
