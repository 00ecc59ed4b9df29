<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\ReportJudgement;
use App\Support\Audit;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\Symptom;
use Illuminate\Support\Facades\DB;

/** Says what a report is about; an earlier judgement stays in the log. */
final readonly class JudgeReport
{
    private const PART = 40;

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
            $said = [
                'kit_id' => $kitId,
                'symptom' => $symptom,
                'cause' => $cause,
                'fault_origin' => $origin,
                'part' => mb_substr($part, 0, self::PART),
            ];
            $judgement = ReportJudgement::query()->createOrFirst(
                ['operation_id' => $operationId],
                ['report_id' => $reportId, 'user_id' => $userId] + $said,
            );
            if ($judgement->wasRecentlyCreated) {
                Audit::record($userId, 'report.judge', null, ['report' => $reportId] + $said);
            }
        });
    }
}
