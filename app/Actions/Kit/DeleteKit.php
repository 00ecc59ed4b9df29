<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\KnownParts;
use App\Actions\Upkeep\FileUses;
use App\Jobs\ComputeDocuments;
use App\Models\Kit;
use App\Models\Release;
use App\Models\Revision;
use App\Models\RevisionFact;
use App\Support\Audit;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** Deletes what never left the workshop, with its originals: a kit that was never released nor sold, a draft of one. */
final readonly class DeleteKit
{
    public function __construct(private KnownParts $parts, private FileUses $uses) {}

    /** @throws NotDeletable when it was released, or orders or reports name it */
    public function kit(Kit $kit, ?int $userId): void
    {
        $files = DB::transaction(function () use ($kit, $userId): array {
            Kit::query()->lockForUpdate()->findOrFail($kit->id);
            $revisions = array_values(Revision::query()->where('kit_id', $kit->id)->orderBy('id')->get()->all());
            if (Release::query()->whereIn('revision_id', array_column($revisions, 'id'))->exists()) {
                throw NotDeletable::released($kit->name);
            }
            foreach (
                [
                    'articles' => 'an article of the shop',
                    'report_judgements' => 'reports',
                    'report_states' => 'reports',
                    'faq_entries' => 'its FAQ',
                ] as $table => $by
            ) {
                if (DB::table($table)->where('kit_id', $kit->id)->exists()) {
                    throw NotDeletable::used($kit->name, $by);
                }
            }
            $this->parts->forget($kit->id);
            $files = [];
            foreach ($revisions as $revision) {
                array_push($files, ...$this->take($revision));
            }
            $kit->delete();
            Audit::record(
                $userId,
                'kit.delete',
                ['kit' => $kit->id, 'name' => $kit->name, 'revisions' => array_column($revisions, 'name')],
                null,
            );

            return $files;
        });
        $this->uses->discardUnused($files);
    }

    /** @throws NotDeletable when it was released, or is the only one */
    public function revision(Revision $revision, ?int $userId): void
    {
        $files = DB::transaction(function () use ($revision, $userId): array {
            $kit = Kit::query()->lockForUpdate()->findOrFail($revision->kit_id);
            if (Release::query()->where('revision_id', $revision->id)->exists()) {
                throw NotDeletable::released("Revision {$revision->name} of {$kit->name}");
            }
            if (Revision::query()->where('kit_id', $kit->id)->count() === 1) {
                throw NotDeletable::lastRevision($revision->name);
            }
            $this->parts->forget($kit->id);
            $files = $this->take($revision);
            Audit::record(
                $userId,
                'revision.delete',
                ['revision' => $revision->id, 'kit' => $kit->id, 'name' => $revision->name],
                null,
            );
            $newest = Revision::query()
                ->where('kit_id', $kit->id)
                ->orderByRaw('(put_aside_at is not null), id desc')
                ->first();
            if ($newest !== null) {
                ComputeDocuments::dispatch($newest->id, $newest->sequence);
            }

            return $files;
        });
        $this->uses->discardUnused($files);
    }

    /** @return list<string> hashes of the files it named */
    private function take(Revision $revision): array
    {
        $picture = RevisionFact::query()->find($revision->id)?->picture;
        $originals = array_map(
            static fn(Row $row): string => $row->text('sha256'),
            Row::all(DB::table('original_files')->where('revision_id', $revision->id)->select('sha256')),
        );
        $edited = array_map(
            static fn(Row $row): string => $row->text('hash'),
            Row::all(
                DB::table('edits')
                    ->crossJoin(DB::raw('jsonb_array_elements(change || inverse) as entry'))
                    ->where('revision_id', $revision->id)
                    ->whereRaw("entry ->> 'type' = 'file' and entry ->> 'value' ~ '^[0-9a-f]{64}$'")
                    ->selectRaw("distinct entry ->> 'value' as hash"),
            ),
        );
        DB::select('select delete_revision(?)', [$revision->id]);

        return [...array_values($revision->files), ...$originals, ...$edited, ...$picture === null ? [] : [$picture]];
    }
}
