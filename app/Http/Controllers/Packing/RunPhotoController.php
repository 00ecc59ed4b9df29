<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\PhotographRun;
use App\Http\Requests\PhotoRequest;
use App\Models\Run;
use App\Queries\Packing\RunSheet;
use App\Support\FileStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The photograph of a run's first packed kit. */
final readonly class RunPhotoController
{
    public function store(PhotoRequest $request, Run $run, PhotographRun $keep, RunSheet $sheet): JsonResponse
    {
        $keep($run, $request->bytes(), $request->user()?->id);

        return new JsonResponse($sheet->of($run), 201);
    }

    /** The newest one. */
    public function show(Run $run, RunSheet $sheet, FileStore $store): Response
    {
        $photo = $sheet->photo($run) ?? abort(404, 'Nobody has photographed a kit of this run yet.');

        return new Response($store->get($photo), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, no-cache',
        ]);
    }
}
