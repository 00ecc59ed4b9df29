<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Report\MendCause;
use App\Actions\Report\NoteFaqUse;
use App\Actions\Report\WriteFaq;
use App\Models\Release;
use App\Models\Unit;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/**
 * What came of the demo's reports: the FAQ, how builders used it, and what was mended.
 *
 * @phpstan-import-type Faq from DemoHistory
 * @phpstan-import-type Mend from DemoHistory
 */
final readonly class DemoRemedies
{
    public function __construct(private WriteFaq $faq, private NoteFaqUse $note, private MendCause $mend) {}

    /**
     * @param list<Faq> $faq
     * @param list<Mend> $mended
     * @param array<string, array{serials: list<string>, at: Carbon, email: string, name: string}> $shipped
     */
    public function play(Release $release, array $faq, array $mended, array $shipped, Carbon $now, ?int $userId): void
    {
        Carbon::setTestNow($now->copy()->subHours(20));
        $serials = array_merge(...array_column($shipped, 'serials'));
        foreach ($faq as $entry) {
            $id = ($this->faq)(
                $release->revision->kit_id,
                $userId,
                ['symptom' => $entry['symptom'], 'cause' => $entry['cause'], 'part' => $entry['part']],
                [
                    'question' => $entry['question'],
                    'answer' => $entry['answer'],
                    'anchor' => $entry['anchor'],
                    'published' => true,
                    'option' => '',
                    'from_revision_id' => null,
                    'to_revision_id' => null,
                ],
            );
            $used = $entry['used'];
            $readers = Unit::query()->whereIn('serial', array_slice($serials, 0, $used['shown']))->get();
            foreach ($readers as $at => $unit) {
                ($this->note)($unit, [['faq' => $id, 'entry' => $at < $used['helped'] ? 'helped' : 'shown']]);
            }
        }
        foreach ($mended as $each) {
            Carbon::setTestNow($now->copy()->subDays($each['daysAgo']));
            ($this->mend)($release->revision, $userId, Uuid::uuid4()->toString(), [
                'cause' => $each['cause'],
                'part' => $each['part'],
                'place' => $each['place'],
            ]);
        }
    }
}
