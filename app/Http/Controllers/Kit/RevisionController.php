<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\CopyRevision;
use App\Actions\Kit\DeleteKit;
use App\Http\Requests\PlainOperation;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use App\Queries\Kit\Revisions;
use App\Queries\Kit\Shelf;
use Illuminate\Http\JsonResponse;

/** The revisions of a kit: what stations need to know of one, a new one, a draft deleted. */
final readonly class RevisionController
{
    public function index(int $kit, Revisions $revisions): JsonResponse
    {
        return new JsonResponse(['revisions' => $revisions->of($kit)]);
    }

    public function show(Revision $revision, RevisionHeader $header): JsonResponse
    {
        return new JsonResponse($header->of($revision));
    }

    /** Begins as a copy; pressed three times it is one. */
    public function store(PlainOperation $request, Revision $revision, CopyRevision $copy, Shelf $shelf): JsonResponse
    {
        $copy($revision, $request->userId(), $request->operationId());

        return new JsonResponse($shelf->row($revision->kit_id), 201);
    }

    public function destroy(
        PlainOperation $request,
        Revision $revision,
        DeleteKit $delete,
        Revisions $revisions,
    ): JsonResponse {
        $kit = $revision->kit_id;
        $delete->revision($revision, $request->userId());

        return new JsonResponse(['revisions' => $revisions->of($kit)]);
    }
}
