<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\Documents;
use App\Http\Requests\Options;
use App\Models\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The one drawing of each board, both sides. */
final readonly class ShowBoards
{
    public function __invoke(Request $request, Revision $revision, Documents $documents): JsonResponse
    {
        return new JsonResponse($documents->get($revision, 'boards', Options::of($request)));
    }
}
