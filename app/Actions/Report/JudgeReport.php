<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\ReportJudgement;
use App\Support\Audit;
use Chiralex\Fault\JudgedCause;
use Illuminate\Support\Facades\DB;

/** Says what a report is about; an earlier judgement stays in the log. */
final readonly class JudgeReport
{
    private const SYMPTOM = 120;

    /**
     * @param string $symptom a general one by its code, or the kit's own
     * @param list<JudgedCause> $causes all that was wrong, eight at most
     */
    public function __invoke(
        int $reportId,
        ?int $userId,
        string $operationId,
        int $kitId,
        string $symptom,
        array $causes,
    ): void {
        DB::transaction(static function () use ($reportId, $userId, $operationId, $kitId, $symptom, $causes): void {
            $judgement = ReportJudgement::query()->createOrFirst(
                ['operation_id' => $operationId],
                [
                    'report_id' => $reportId,
                    'user_id' => $userId,
                    'kit_id' => $kitId,
                    'symptom' => mb_substr($symptom, 0, self::SYMPTOM),
                    'causes' => $causes,
                ],
            );
            if ($judgement->wasRecentlyCreated) {
                Audit::record($userId, 'report.judge', null, [
                    'report' => $reportId,
                    'kit_id' => $kitId,
                    'symptom' => $symptom,
                    'causes' => array_map(static fn(JudgedCause $each): string => $each->name(), $causes),
                ]);
            }
        });
    }
}
