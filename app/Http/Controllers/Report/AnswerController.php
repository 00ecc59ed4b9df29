<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\AnswerReport;
use App\Actions\Report\AnswerStack;
use App\Http\Requests\Report\AnswerRequest;
use App\Queries\Report\Inbox;
use Illuminate\Http\JsonResponse;

/** Answers to a report. */
final readonly class AnswerController
{
    public function store(
        AnswerRequest $request,
        int $report,
        AnswerReport $answer,
        AnswerStack $stack,
        Inbox $inbox,
    ): JsonResponse {
        $inbox->one($report);
        $text = trim((string) $request->string('text'));
        if ($request->boolean('stack')) {
            $stack($report, $request->userId(), $request->operationId(), $text);
        }
        $mail = $answer($report, $request->userId(), $request->operationId(), $text);

        return new JsonResponse($inbox->one($report) + ['mailed' => $mail !== null]);
    }
}
