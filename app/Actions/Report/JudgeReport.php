<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\Audit;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\Symptom;
use Illuminate\Support\Facades\DB;

/** Says what a report is about; an earlier judgement stays in the log. */
final readonly class JudgeReport
{
    public function __invoke(
        int $reportId,
        ?int $userId,
        string $operationId,
        int $kitId,
        Symptom $symptom,
        Cause $cause,
        FaultOrigin $origin,
        string $part,
    ): void {
        DB::transaction(static function () use (
            $reportId,
            $userId,
            $operationId,
            $kitId,
            $symptom,
            $cause,
            $origin,
            $part,
        ): void {
            $row = [
                'kit_id' => $kitId,
                'symptom' => $symptom->value,
                'cause' => $cause->value,
                'origin' => $origin->value,
                'part' => mb_substr($part, 0, 40),
            ];
            if (
                DB::table('report_judgements')->insertOrIgnore(
                    [
                        'report_id' => $reportId,
                        'operation_id' => $operationId,
                        'user_id' => $userId,
                        'created_at' => now(),
                    ] + $row,
                ) === 1
            ) {
                Audit::record($userId, 'report.judge', null, ['report' => $reportId] + $row);
            }
        });
    }
}
