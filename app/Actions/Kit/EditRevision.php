<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\ComputeDocuments;
use App\Models\Edit;
use App\Models\Release;
use App\Models\Revision;
use App\Models\User;
use App\Support\Audit;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use Illuminate\Support\Facades\DB;

/** Applies changes to a draft and writes them to its log, with what takes them back. */
final readonly class EditRevision
{
    public function __construct(private KitFolder $folder, private FileStore $store) {}

    /**
     * @param list<Change> $changes file changes carry the hash of stored bytes
     * @param int $seen the sequence the caller had read
     * @param array<string, string> $labels names to call files by in messages
     * @throws EditConflict when the draft has moved on
     * @throws UnknownChange when a change names nothing
     * @throws ChiralexException when the files could not be read afterwards; nothing is saved then
     */
    public function __invoke(
        int $revisionId,
        User $user,
        string $operationId,
        int $seen,
        array $changes,
        ?int $undoes = null,
        array $labels = [],
    ): Revision {
        return DB::transaction(function () use (
            $revisionId,
            $user,
            $operationId,
            $seen,
            $changes,
            $undoes,
            $labels,
        ): Revision {
            $revision = Revision::query()->lockForUpdate()->findOrFail($revisionId);
            if (Edit::query()->where('operation_id', $operationId)->exists()) {
                return $revision;
            }
            if (Release::query()->where('revision_id', $revision->id)->exists()) {
                throw UnknownChange::released($revision->name);
            }
            if ($revision->sequence !== $seen) {
                throw EditConflict::since($revision, $seen);
            }
            $draft = new Draft($this->folder->files($revision));
            $inverse = [];
            foreach ($changes as $change) {
                array_unshift($inverse, $this->toHash($draft->apply($this->toBytes($change))));
            }
            $kit = (new KitReader())->read($draft->files, [], $labels);
            $kit->mustBeStorable();
            $files = $this->folder->store($draft->files);
            Audit::record(
                $user->id,
                'revision.edit',
                ['files' => $revision->files],
                ['files' => $files, 'operation' => $operationId],
            );
            $revision->update(['files' => $files, 'sequence' => $revision->sequence + 1]);
            $revision->kit->update(['name' => mb_substr($kit->name, 0, 120)]);
            Edit::query()->create([
                'revision_id' => $revision->id,
                'sequence' => $revision->sequence,
                'user_id' => $user->id,
                'operation_id' => $operationId,
                'change' => array_map(static fn(Change $change): array => $change->toArray(), $changes),
                'inverse' => array_map(static fn(Change $change): array => $change->toArray(), $inverse),
                'undoes' => $undoes,
            ]);
            ComputeDocuments::dispatch($revision->id, $revision->sequence);

            return $revision;
        });
    }

    private function toBytes(Change $change): Change
    {
        return $change->type === 'file' && is_string($change->value)
            ? new Change('file', $change->target, '', $this->store->get($change->value))
            : $change;
    }

    private function toHash(Change $change): Change
    {
        return $change->type === 'file' && is_string($change->value)
            ? new Change('file', $change->target, '', $this->store->put($change->value))
            : $change;
    }
}
