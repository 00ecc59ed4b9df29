<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Actions\Report\Arrived;
use App\Actions\Report\ReceiveReport;
use App\Models\Letter;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Makes a report of a letter that stood apart, because a person says so. */
final readonly class ReportOfLetter
{
    private const SPACE = '2b0cf1f6-7df3-5d5e-8a44-1c0d4c1a8e33';

    public function __construct(private ReceiveReport $receive, private Threads $threads) {}

    /** @return int the report; the same one at a second time */
    public function __invoke(Letter $letter, ?int $userId): int
    {
        return DB::transaction(function () use ($letter, $userId): int {
            $known = $this->threads->reportOf($letter->id);
            if ($known !== null) {
                return $known;
            }
            $text = trim($letter->text) !== '' ? $letter->text : $letter->subject;
            $report = $this->receive->write(
                new Arrived(
                    Uuid::uuid5(self::SPACE, $letter->operation_id)->toString(),
                    $letter->source,
                    $text !== '' ? $text : '(no words)',
                    at: $letter->written_at,
                ),
                $letter->customer_id,
            )['id'];
            $this->threads->join($letter->id, $report, false, $userId);
            Audit::record($userId, 'letter.report', null, ['letter' => $letter->id, 'report' => $report]);

            return $report;
        });
    }
}
