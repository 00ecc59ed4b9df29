<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Devices\MailOut;
use App\Models\Report;
use App\Models\ReportAnswer;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Answers a report, by mail where the customer left an address. */
final readonly class AnswerReport
{
    public function __construct(private MailOut $mail) {}

    /** @return bool true when a mail went out */
    public function __invoke(int $reportId, ?int $userId, string $operationId, string $text): bool
    {
        return DB::transaction(function () use ($reportId, $userId, $operationId, $text): bool {
            $answer = ReportAnswer::query()->createOrFirst(
                ['operation_id' => $operationId],
                ['report_id' => $reportId, 'text' => $text, 'user_id' => $userId],
            );
            if (!$answer->wasRecentlyCreated) {
                return false;
            }
            Audit::record($userId, 'report.answer', null, ['report' => $reportId]);
            $report = Report::query()->with('customer')->findOrFail($reportId);
            if ($report->customer?->email === null) {
                return false;
            }
            $this->mail->send($report->customer->id, trim("Your report {$reportId} {$report->serial}"), $text);

            return true;
        });
    }
}
