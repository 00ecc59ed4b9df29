<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Kit\Documents;
use App\Models\Run;
use Illuminate\Http\JsonResponse;

/** Each part of a run as it lies in the hand. */
final readonly class ShowPackPictures
{
    public function __invoke(Run $run, Documents $documents): JsonResponse
    {
        return new JsonResponse($documents->get($run->release->revision, 'pack-pictures', $run->options));
    }
}
