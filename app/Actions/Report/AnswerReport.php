<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Devices\MailOut;
use App\Support\Audit;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** Answers a report, by mail where the customer left an address. */
final readonly class AnswerReport
{
    public function __construct(private MailOut $mail) {}

    /** @return bool true when a mail went out */
    public function __invoke(int $reportId, ?int $userId, string $operationId, string $text): bool
    {
        return DB::transaction(function () use ($reportId, $userId, $operationId, $text): bool {
            if (
                DB::table('report_answers')->insertOrIgnore([
                    'report_id' => $reportId,
                    'operation_id' => $operationId,
                    'text' => $text,
                    'user_id' => $userId,
                    'created_at' => now(),
                ]) === 0
            ) {
                return false;
            }
            Audit::record($userId, 'report.answer', null, ['report' => $reportId]);
            $to = Row::first(
                DB::table('reports')
                    ->join('customers', 'customers.id', '=', 'customer_id')
                    ->where('reports.id', $reportId)
                    ->whereNotNull('email')
                    ->select(['customers.id', 'serial']),
            );
            if ($to === null) {
                return false;
            }
            $this->mail->send($to->int('id'), trim("Your report {$reportId} {$to->text('serial')}"), $text);

            return true;
        });
    }
}
