<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\CopyRevision;
use App\Models\Kit;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A new revision that begins as a copy. */
final readonly class NewRevision
{
    public function __invoke(Request $request, Revision $revision, CopyRevision $copy, Shelf $shelf): JsonResponse
    {
        $user = $request->user();
        $copy($revision, $user instanceof User ? $user->id : null);

        return new JsonResponse($shelf->row(Kit::query()->findOrFail($revision->kit_id)), 201);
    }
}
