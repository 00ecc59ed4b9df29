<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\Intake\ReportOfLetter;
use App\Http\Requests\PlainOperation;
use App\Models\Letter;
use App\Queries\Report\Inbox;
use Illuminate\Http\JsonResponse;

/** A letter that stood apart is a report: a person says so. */
final readonly class MakeReport
{
    public function __invoke(PlainOperation $request, Letter $letter, ReportOfLetter $make, Inbox $inbox): JsonResponse
    {
        return new JsonResponse($inbox->one($make($letter, $request->userId())), 201);
    }
}
