<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\JudgeReport;
use App\Http\Requests\Report\JudgeRequest;
use App\Queries\Report\Inbox;
use Illuminate\Http\JsonResponse;

/** What support makes of a report. */
final readonly class JudgementController
{
    public function store(JudgeRequest $request, int $report, JudgeReport $judge, Inbox $inbox): JsonResponse
    {
        $inbox->one($report);
        $judge(
            $report,
            $request->userId(),
            $request->operationId(),
            $request->integer('kitId'),
            $request->symptom(),
            $request->judged(),
        );

        return new JsonResponse($inbox->one($report));
    }
}
