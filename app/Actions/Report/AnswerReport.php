<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Actions\Mail\WriteMail;
use App\Models\Report;
use App\Models\ReportAnswer;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Answers a report, by mail where the customer left an address. */
final readonly class AnswerReport
{
    public function __construct(private WriteMail $mail) {}

    /** @return ?int the mail that goes out; null where it was answered before, or there is no address */
    public function __invoke(int $reportId, ?int $userId, string $operationId, string $text, string $callout = ''): ?int
    {
        return DB::transaction(function () use ($reportId, $userId, $operationId, $text, $callout): ?int {
            $answer = ReportAnswer::query()->createOrFirst(
                ['operation_id' => $operationId],
                ['report_id' => $reportId, 'text' => $text, 'user_id' => $userId],
            );
            if (!$answer->wasRecentlyCreated) {
                return null;
            }
            Audit::record($userId, 'report.answer', null, ['report' => $reportId]);
            $report = Report::query()->with('customer')->findOrFail($reportId);
            if ($report->customer?->email === null) {
                return null;
            }

            return ($this->mail)($report->customer->id, $reportId, $this->subject($report), $text, $callout)->id;
        });
    }

    /** That of their letter, so that mail programs keep the thread; else the report and its serial. */
    private function subject(Report $report): string
    {
        $theirs = DB::table('report_letters')
            ->join('letters', 'letters.id', '=', 'letter_id')
            ->where('report_id', $report->id)
            ->orderByDesc('letters.id')
            ->value('subject');
        if (is_string($theirs) && trim($theirs) !== '') {
            return preg_match('~^\s*(re|aw)\s*:~i', $theirs) === 1 ? trim($theirs) : 'Re: ' . trim($theirs);
        }

        return trim("Your report {$report->id} {$report->serial}");
    }
}
