<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Report\AnswerReport;
use App\Actions\Report\JudgeReport;
use App\Actions\Report\ReceiveReport;
use App\Actions\Report\WriteFaq;
use App\Models\Release;
use App\Queries\Report\KitFaq;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Symptom;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/**
 * Reports received, judged and answered in the demo's invented past, and the FAQ that came of them.
 *
 * @phpstan-import-type Complaint from DemoHistory
 * @phpstan-import-type Faq from DemoHistory
 */
final readonly class DemoReports
{
    public function __construct(
        private ReceiveReport $receive,
        private JudgeReport $judge,
        private AnswerReport $answer,
        private WriteFaq $faq,
        private KitFaq $places,
    ) {}

    /**
     * @param list<Complaint> $reports
     * @param list<Faq> $faq
     * @param array<string, array{serials: list<string>, at: Carbon, email: string, name: string}> $shipped
     */
    public function play(Release $release, array $reports, array $faq, array $shipped, Carbon $now, ?int $userId): void
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
                Uuid::uuid4()->toString(),
                $release->id,
                null,
                $serial,
                $this->step($report['at'], $steps),
                $report['text'],
                ['name' => $order['name'], 'email' => $order['email']],
                null,
                'page',
            );
            if ($report['judged']) {
                ($this->judge)(
                    $received['id'],
                    $userId,
                    Uuid::uuid4()->toString(),
                    $kitId,
                    Symptom::from($report['symptom']),
                    Cause::from($report['cause']),
                    Cause::from($report['cause'])->usualOrigin(),
                    $report['part'],
                );
            }
            if ($report['answer'] !== null) {
                ($this->answer)($received['id'], $userId, Uuid::uuid4()->toString(), $report['answer']);
            }
        }
        foreach ($faq as $entry) {
            ($this->faq)(
                $kitId,
                $userId,
                Symptom::from($entry['symptom']),
                Cause::from($entry['cause']),
                $entry['question'],
                $entry['answer'],
                $entry['anchor'],
                true,
            );
        }
    }

    /**
     * @param list<array{number: int, key: string, names: list<string>}> $steps
     * @return array{key: string, number: ?int}
     */
    private function step(string $part, array $steps): array
    {
        foreach ($steps as $step) {
            if (in_array($part, $step['names'], true)) {
                return ['key' => $step['key'], 'number' => $step['number']];
            }
        }

        return ['key' => '', 'number' => null];
    }
}
