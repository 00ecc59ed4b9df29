<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\AnswerReport;
use App\Http\Requests\Report\AnswerRequest;
use App\Queries\Report\Inbox;
use Illuminate\Http\JsonResponse;

/** Answers to a report. */
final readonly class AnswerController
{
    public function store(AnswerRequest $request, int $report, AnswerReport $answer, Inbox $inbox): JsonResponse
    {
        $inbox->one($report);
        $text = trim((string) $request->string('text'));
        $mailed = $answer($report, $request->userId(), $request->operationId(), $text);

        return new JsonResponse($inbox->one($report) + ['mailed' => $mailed]);
    }
}
