<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Kit\CopyRevision;
use App\Actions\Kit\EditRevision;
use App\Actions\Release\ReleaseRevision;
use App\Models\Release;
use App\Models\Revision;
use App\Models\User;
use Chiralex\Kit\Edit\FileEdit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Plays the invented history of a demo kit through the same actions that people use, each on its day.
 *
 * @phpstan-type Batch array{daysAgo: int, packs: int<1, 500>, size: int, lots?: array<array-key, array{lot: string, left: int}>}
 * @phpstan-type Sale array{number: string, daysAgo: int, customer: string, email: string, address: string, quantity: int, price: string, shippedAfter: ?int}
 * @phpstan-type Complaint array{order: string, daysAfter: int, symptom: string, cause: string, part: string, at: string, text: string, serial: bool, judged: bool, answer: ?string}
 * @phpstan-type Faq array{symptom: string, cause: string, part: string, question: string, answer: string, anchor: list<string>, used: array{shown: int, helped: int}}
 * @phpstan-type Mend array{cause: string, part: string, place: string, daysAgo: int}
 * @phpstan-type History array{batches: list<Batch>, orders: list<Sale>, reports: list<Complaint>, faq: list<Faq>, mended: list<Mend>, next: ?string, coming?: int<1, 500>}
 */
final readonly class DemoHistory
{
    public function __construct(
        private ReleaseRevision $release,
        private CopyRevision $copy,
        private EditRevision $edit,
        private DemoTrade $trade,
        private DemoReports $reports,
        private DemoRemedies $remedies,
        private DemoBuilders $builders,
    ) {}

    /** @param string $folder holds history.json; without one nothing happened yet */
    public function play(Revision $revision, string $folder, ?int $userId): void
    {
        if (!is_file("{$folder}/history.json")) {
            return;
        }
        /** @var History $history */
        $history = json_decode((string) file_get_contents("{$folder}/history.json"), true, 32, JSON_THROW_ON_ERROR);
        $now = Carbon::now();
        try {
            Carbon::setTestNow($now->copy()->subDays(($history['batches'][0]['daysAgo'] ?? 1) + 2));
            $release = ($this->release)($revision->id, $userId, Uuid::uuid4()->toString(), $revision->sequence);
            $shipped = $this->trade->play($release, $history['batches'], $history['orders'], $now, $userId);
            $this->reports->play($release, $history['reports'], $shipped, $now, $userId);
            $this->builders->play($release, $shipped);
            $this->remedies->play($release, $history['faq'], $history['mended'], $shipped, $now, $userId);
        } finally {
            Carbon::setTestNow();
        }
        // Work that the past has queued waits from now on.
        DB::table('jobs')
            ->where('available_at', '<', $now->getTimestamp())
            ->update(['available_at' => $now->getTimestamp(), 'created_at' => $now->getTimestamp()]);
        if (isset($history['coming'])) {
            $this->trade->begin($release, $history['coming'], $userId);
        }
        $this->next($release, $history['next'] ?? null, $folder, $userId);
    }

    /** The next revision, drafted from a list that the board editor wrote anew. */
    private function next(Release $release, ?string $file, string $folder, ?int $userId): void
    {
        $copy = ($this->copy)($release->revision, $userId, Uuid::uuid4()->toString());
        $maker = $userId === null ? User::query()->first() : User::query()->find($userId);
        if ($file !== null && $maker !== null) {
            ($this->edit)($copy->id, $maker, Uuid::uuid4()->toString(), 0, [
                new FileEdit('bom.csv', (string) file_get_contents("{$folder}/{$file}")),
            ]);
        }
    }
}
