<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Report\KeepPhoto;
use App\Http\Requests\PhotoRequest;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use App\Support\FileStore;
use Chiralex\Kit\PilotFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Photographs of the pilot builds. */
final readonly class PilotPhotoController
{
    public function __construct(private KitFolder $folder, private FileStore $store) {}

    /** Keeps a photograph; the edit that logs the step names it. */
    public function store(PhotoRequest $request, KeepPhoto $keep): JsonResponse
    {
        return new JsonResponse(['photo' => $keep($request->bytes())], 201);
    }

    /** Only photographs that the log of this revision names. */
    public function show(Revision $revision, string $photo): Response
    {
        $log = PilotFile::read($this->folder->files($revision)[PilotFile::NAME] ?? null);
        if (!in_array($photo, array_column($log->rows, 'photo'), true)) {
            throw new NotFoundHttpException('The log of this revision names no such photograph.');
        }

        return new Response($this->store->get($photo), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }
}
