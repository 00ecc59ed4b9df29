<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use Chiralex\Kit\PilotFile;
use Illuminate\Http\JsonResponse;

/** The log of the pilot builds of a revision. Rows are written as edits of the draft. */
final readonly class PilotController
{
    public function show(Revision $revision, KitFolder $folder): JsonResponse
    {
        $log = PilotFile::read($folder->files($revision)[PilotFile::NAME] ?? null);

        return new JsonResponse(['rows' => $log->rows]);
    }
}
