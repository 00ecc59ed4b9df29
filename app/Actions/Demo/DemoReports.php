<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Report\AnswerReport;
use App\Actions\Report\Arrived;
use App\Actions\Report\JudgeReport;
use App\Actions\Report\Noticed;
use App\Actions\Report\ReceiveReport;
use App\Models\Release;
use App\Queries\Report\KitFaq;
use Chiralex\Fault\Cause;
use Chiralex\Fault\JudgedCause;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/**
 * Reports received, judged and answered in the demo's invented past.
 *
 * @phpstan-import-type Complaint from DemoHistory
 */
final readonly class DemoReports
{
    public function __construct(
        private ReceiveReport $receive,
        private JudgeReport $judge,
        private AnswerReport $answer,
        private KitFaq $places,
    ) {}

    /**
     * @param list<Complaint> $reports
     * @param array<string, array{serials: list<string>, at: Carbon, email: string, name: string}> $shipped
     */
    public function play(Release $release, array $reports, array $shipped, Carbon $now, ?int $userId): void
    {
        $kitId = $release->revision->kit_id;
        $steps = $this->places->steps($release->revision);
        foreach ($reports as $index => $report) {
            $order = $shipped[$report['order']] ?? null;
            if ($order === null) {
                continue;
            }
            // Nothing is reported before today, however late it was shipped.
            $at = $order['at']
                ->copy()
                ->addDays($report['daysAfter'])
                ->setTime(19, 4 + $index);
            Carbon::setTestNow($at->lessThan($now) ? $at : $now->copy()->subHours(30 - $index));
            $serial = $report['serial'] ? $order['serials'][$index % count($order['serials'])] : 'the label is gone';
            $received = ($this->receive)(
                new Arrived(
                    Uuid::uuid4()->toString(),
                    'page',
                    $report['text'],
                    $release->id,
                    null,
                    $serial,
                    $this->step($report['at'], $steps),
                ),
                ['name' => $order['name'], 'email' => $order['email']],
            );
            if ($report['judged']) {
                $cause = Cause::from($report['cause']);
                ($this->judge)($received['id'], $userId, Uuid::uuid4()->toString(), $kitId, $report['symptom'], [
                    new JudgedCause($cause, $report['part'], $cause->usualOrigin()),
                ]);
            }
            if ($report['answer'] !== null) {
                ($this->answer)($received['id'], $userId, Uuid::uuid4()->toString(), $report['answer']);
            }
        }
    }

    /**
     * @param list<array{number: int, key: string, names: list<string>}> $steps
     */
    private function step(string $part, array $steps): Noticed
    {
        foreach ($steps as $step) {
            if (in_array($part, $step['names'], true)) {
                return new Noticed($step['key'], $step['number']);
            }
        }

        return new Noticed();
    }
}
