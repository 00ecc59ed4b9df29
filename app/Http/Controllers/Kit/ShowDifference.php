<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\Difference;
use App\Queries\NoDifference;
use Illuminate\Http\JsonResponse;

/** What changed from an earlier revision of the same kit. */
final readonly class ShowDifference
{
    public function __invoke(Revision $revision, Revision $earlier, Difference $difference): JsonResponse
    {
        try {
            if ($revision->kit_id !== $earlier->kit_id) {
                throw NoDifference::otherKit();
            }

            return new JsonResponse($difference->between($earlier, $revision));
        } catch (NoDifference $why) {
            return new JsonResponse(['message' => $why->getMessage()], 422);
        }
    }
}
