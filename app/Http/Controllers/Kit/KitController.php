<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\ImportKit;
use App\Http\Requests\Kit\DroppedFiles;
use App\Models\Kit;
use App\Queries\Shelf;
use Illuminate\Http\JsonResponse;

/** The kits of the range. */
final readonly class KitController
{
    public function index(Shelf $shelf): JsonResponse
    {
        return new JsonResponse(['kits' => $shelf->rows()]);
    }

    public function store(DroppedFiles $request, ImportKit $import, Shelf $shelf): JsonResponse
    {
        $revision = $import($request->dropped(), $request->userId(), $request->designatorColumn());

        return new JsonResponse($shelf->row(Kit::query()->findOrFail($revision->kit_id)), 201);
    }
}
