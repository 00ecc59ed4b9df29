<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\Mending;
use App\Models\Release;
use App\Models\Revision;
use App\Support\Audit;
use App\Support\Locks;
use Illuminate\Support\Facades\DB;

/** Remembers what was done about a cause of reports, so that it is watched from then on; and takes that back. */
final readonly class MendCause
{
    /** @param array{cause: string, part: string, place: string} $what */
    public function __invoke(Revision $revision, ?int $userId, string $operationId, array $what): void
    {
        DB::transaction(static function () use ($revision, $userId, $operationId, $what): void {
            Locks::take('mendings', [$revision->kit_id]);
            $same = ['kit_id' => $revision->kit_id] + $what;
            if (Mending::query()->where($same)->whereNull('taken_back_at')->exists()) {
                return;
            }
            // A draft goes out with its release; what is mended in a revision that is out already holds from today.
            $isOut = Release::query()->where('revision_id', $revision->id)->exists();
            $made = Mending::query()->createOrFirst(
                ['operation_id' => $operationId],
                $same + ['revision_id' => $isOut ? null : $revision->id, 'user_id' => $userId],
            );
            if ($made->wasRecentlyCreated) {
                Audit::record($userId, 'cause.mend', null, $same + ['mending' => $made->id]);
            }
        });
    }

    public function takeBack(Mending $mending, ?int $userId): void
    {
        DB::transaction(static function () use ($mending, $userId): void {
            $changed = Mending::query()
                ->whereKey($mending->id)
                ->whereNull('taken_back_at')
                ->update(['taken_back_at' => now()]);
            if ($changed > 0) {
                Audit::record($userId, 'cause.unmend', ['mending' => $mending->id], null);
            }
        });
    }
}
