<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\KnownParts;
use App\Jobs\ComputeDocuments;
use App\Models\Kit;
use App\Models\Revision;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Puts a kit or a revision aside, out of the lists, and takes it back; nothing of it is lost. */
final readonly class PutAside
{
    public function __construct(private KnownParts $parts) {}

    public function kit(Kit $kit, bool $aside, ?int $userId): void
    {
        DB::transaction(function () use ($kit, $aside, $userId): void {
            $kit->update(['put_aside_at' => $aside ? now() : null]);
            Audit::record($userId, $aside ? 'kit.put-aside' : 'kit.take-back', null, ['kit' => $kit->id]);
            $this->parts($kit, $aside);
        });
    }

    /** @throws NotDeletable when it is the only revision left */
    public function revision(Revision $revision, bool $aside, ?int $userId): void
    {
        DB::transaction(function () use ($revision, $aside, $userId): void {
            Kit::query()->lockForUpdate()->findOrFail($revision->kit_id);
            if (
                $aside &&
                !Revision::query()
                    ->where('kit_id', $revision->kit_id)
                    ->where('id', '!=', $revision->id)
                    ->whereNull('put_aside_at')
                    ->exists()
            ) {
                throw NotDeletable::lastRevision($revision->name);
            }
            // Not through the model: the time of the last change stays that of the draft.
            DB::table('revisions')
                ->where('id', $revision->id)
                ->update(['put_aside_at' => $aside ? now() : null]);
            Audit::record($userId, $aside ? 'revision.put-aside' : 'revision.take-back', null, [
                'revision' => $revision->id,
            ]);
            $this->parts($revision->kit, $revision->kit->put_aside_at !== null);
        });
    }

    /** The Library shows the parts of the newest revision that is not put aside. */
    private function parts(Kit $kit, bool $aside): void
    {
        $this->parts->forget($kit->id);
        $newest = $aside
            ? null
            : Revision::query()->where('kit_id', $kit->id)->whereNull('put_aside_at')->orderByDesc('id')->first();
        if ($newest !== null) {
            ComputeDocuments::dispatch($newest->id, $newest->sequence);
        }
    }
}
