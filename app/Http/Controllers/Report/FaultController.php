<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\WriteFaq;
use App\Http\Requests\Report\FaqRequest;
use App\Models\Revision;
use App\Queries\Report\FaultSheet;
use Illuminate\Http\JsonResponse;

/** The Faults station of a kit: its rate, its shares, its FAQ. */
final readonly class FaultController
{
    public function show(Revision $revision, FaultSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($revision));
    }

    public function store(FaqRequest $request, Revision $revision, WriteFaq $write, FaultSheet $sheet): JsonResponse
    {
        $write($revision->kit_id, $request->userId(), $request->key(), $request->words());

        return new JsonResponse($sheet->of($revision), 201);
    }
}
