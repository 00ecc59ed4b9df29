<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Actions\Kit\Derived;
use App\Models\Revision;
use App\Support\FileStore;
use Illuminate\Support\Facades\DB;

/** Takes away what nothing uses any more: results of older code or of drafts as they were, expired sessions and cache rows, ended imports and intakes, the bin. */
final readonly class Prune
{
    private const DAY = 86_400;
    private const CHUNK = 500;

    public function __construct(private FileStore $store) {}

    /** @return array<string, int> what, and how many rows or files */
    public function __invoke(): array
    {
        $now = now();

        return [
            'derived results' => $this->derived(),
            'sessions' => DB::table('sessions')
                ->where(
                    'last_activity',
                    '<',
                    $now->copy()->subMinutes(config()->integer('session.lifetime'))->getTimestamp(),
                )
                ->delete(),
            'cache rows' =>
                DB::table('cache')->where('expiration', '<', $now->getTimestamp())->delete() +
                DB::table('cache_locks')->where('expiration', '<', $now->getTimestamp())->delete(),
            'ended imports' => DB::table('imports')
                ->whereIn('status', ['done', 'failed', 'cancelled'])
                ->where('updated_at', '<', $now->copy()->subDay())
                ->delete(),
            'ended intakes' => DB::table('intakes')
                ->whereIn('status', ['done', 'failed'])
                ->where('updated_at', '<', $now->copy()->subDays(30))
                ->delete(),
            'failed jobs' => DB::table('failed_jobs')
                ->where('failed_at', '<', $now->copy()->subDays(14))
                ->delete(),
            'discarded files' => $this->store->emptyBin(self::DAY),
        ];
    }

    private function derived(): int
    {
        $gone = DB::table('derived_results')
            ->whereRaw('code is distinct from ?', [config()->string('app.code')])
            ->delete();
        $used = [];
        foreach (
            Revision::query()
                ->select(['id', 'files'])
                ->lazyById(self::CHUNK) as $revision
        ) {
            $used[Derived::files($revision->files)] = true;
        }
        // A draft that is edited in this moment may have results before its row shows the new files.
        $unused = [];
        $older = DB::table('derived_results')
            ->where('created_at', '<', now()->subHour())
            ->distinct()
            ->pluck('files_hash');
        foreach ($older as $hash) {
            if (is_string($hash) && !isset($used[$hash])) {
                $unused[] = $hash;
            }
        }
        foreach (array_chunk($unused, self::CHUNK) as $chunk) {
            $gone += DB::table('derived_results')->whereIn('files_hash', $chunk)->delete();
        }

        return $gone;
    }
}
