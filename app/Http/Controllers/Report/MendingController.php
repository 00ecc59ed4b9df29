<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\MendCause;
use App\Http\Requests\Report\MendRequest;
use App\Models\Mending;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Report\FaultSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was done about the causes of a kit's reports. */
final readonly class MendingController
{
    public function store(MendRequest $request, Revision $revision, MendCause $mend, FaultSheet $sheet): JsonResponse
    {
        $mend($revision, $request->userId(), $request->operationId(), $request->what());

        return new JsonResponse($sheet->of($revision), 201);
    }

    public function destroy(
        Request $request,
        Revision $revision,
        int $mending,
        MendCause $mend,
        FaultSheet $sheet,
    ): JsonResponse {
        $user = $request->user();
        $mend->takeBack(
            Mending::query()->where('kit_id', $revision->kit_id)->findOrFail($mending),
            $user instanceof User ? $user->id : null,
        );

        return new JsonResponse($sheet->of($revision));
    }
}
