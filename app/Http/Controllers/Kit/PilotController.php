<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\KitFolder;
use App\Actions\Kit\PilotFile;
use App\Actions\Report\Photo;
use App\Actions\Report\UnusablePhoto;
use App\Http\Requests\Kit\PilotPhotoRequest;
use App\Models\Revision;
use App\Support\FileStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The log of the pilot builds of a revision, and its photographs. Rows are written as edits of the draft. */
final readonly class PilotController
{
    public function __construct(private KitFolder $folder, private FileStore $store) {}

    public function show(Revision $revision): JsonResponse
    {
        return new JsonResponse([
            'rows' => (new PilotFile($this->folder->files($revision)['pilot.csv'] ?? null))->rows(),
        ]);
    }

    /** Keeps a photograph; the edit that logs the step names it. */
    public function store(PilotPhotoRequest $request): JsonResponse
    {
        try {
            return new JsonResponse(['photo' => $this->store->put((new Photo())->cleaned($request->bytes()))], 201);
        } catch (UnusablePhoto $why) {
            return new JsonResponse(['message' => $why->getMessage()], 422);
        }
    }

    /** Only photographs that the log of this revision names. */
    public function photo(Revision $revision, string $photo): Response
    {
        $named = array_column((new PilotFile($this->folder->files($revision)['pilot.csv'] ?? null))->rows(), 'photo');
        if (!in_array($photo, $named, true)) {
            throw new NotFoundHttpException('The log of this revision names no such photograph.');
        }

        return new Response($this->store->get($photo), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }
}
