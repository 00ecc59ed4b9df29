<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\AnswerReport;
use App\Actions\Report\AnswerStack;
use App\Actions\Report\SendPieces;
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
        SendPieces $send,
        Inbox $inbox,
    ): JsonResponse {
        $inbox->one($report);
        $pieces = $request->pieces();
        if ($pieces !== null) {
            $send($report, $pieces['part'], $pieces['pieces'], $request->userId());
        }
        $text = trim((string) $request->string('text'));
        $callout = trim((string) $request->string('callout'));
        if ($request->boolean('stack')) {
            $stack($report, $request->userId(), $request->operationId(), $text, $callout);
        }
        $mail = $answer($report, $request->userId(), $request->operationId(), $text, $callout);

        return new JsonResponse($inbox->one($report) + ['mailed' => $mail !== null]);
    }
}
