<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\ComputeDocuments;
use App\Models\Edit;
use App\Models\Release;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\KitFolder;
use App\Support\Audit;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\Edit\Edit as KitEdit;
use Chiralex\Kit\Edit\FactEdit;
use Chiralex\Kit\Edit\LineEdit;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Illuminate\Support\Facades\DB;

/** Applies changes to a draft and writes them to its log, with what takes them back. */
final readonly class EditRevision
{
    public function __construct(private KitFolder $folder, private FileStore $store, private EditLog $log) {}

    /**
     * @param list<KitEdit> $edits
     * @param int $seen the sequence the caller had read
     * @param array<string, string> $labels names to call files by in messages
     * @throws EditConflict when the draft has moved on
     * @throws ReleasedRevision when the revision does not change any more
     * @throws UnusableEdit when an edit names nothing
     * @throws ChiralexException when the files could not be read afterwards; nothing is saved then
     */
    public function __invoke(
        int $revisionId,
        User $user,
        string $operationId,
        int $seen,
        array $edits,
        ?int $undoes = null,
        array $labels = [],
    ): Revision {
        return DB::transaction(function () use (
            $revisionId,
            $user,
            $operationId,
            $seen,
            $edits,
            $undoes,
            $labels,
        ): Revision {
            $revision = Revision::query()->lockForUpdate()->findOrFail($revisionId);
            if (Edit::query()->where('operation_id', $operationId)->exists()) {
                return $revision;
            }
            if (Release::query()->where('revision_id', $revision->id)->exists()) {
                throw ReleasedRevision::named($revision->name);
            }
            if ($revision->sequence !== $seen) {
                throw EditConflict::since($revision, $seen);
            }
            $folder = $this->folder->of($revision);
            $inverse = [];
            foreach ($edits as $edit) {
                $edited = $edit->on($folder);
                $folder = $edited->folder;
                array_unshift($inverse, $this->log->entry($edited->inverse));
            }
            try {
                $kit = (new KitReader())->read($folder->files, [], $labels);
            } catch (UnusableKit $fault) {
                // A file that was dropped is told with its name, an edit is not.
                throw $labels === [] ? UnusableEdit::kit($fault) : $fault;
            }
            $kit->mustBeStorable();
            if ($undoes === null) {
                $this->mustName($kit, $edits);
            }
            $files = $this->store->putAll($folder->files);
            Audit::record(
                $user->id,
                'revision.edit',
                ['files' => $revision->files],
                ['files' => $files, 'operation' => $operationId],
            );
            $revision->update([
                'files' => $files,
                'sequence' => $revision->sequence + 1,
                'name' => $this->letter($revision, $kit, $edits),
            ]);
            $revision->kit->update(['name' => mb_substr($kit->head->name, 0, 120)]);
            Edit::query()->create([
                'revision_id' => $revision->id,
                'sequence' => $revision->sequence,
                'user_id' => $user->id,
                'operation_id' => $operationId,
                'change' => array_map($this->log->entry(...), $edits),
                'inverse' => $inverse,
                'undoes' => $undoes,
            ]);
            ComputeDocuments::dispatch($revision->id, $revision->sequence);

            return $revision;
        });
    }

    /**
     * The name of the revision: what an edit says, else what it was.
     *
     * @param list<KitEdit> $edits
     * @throws RevisionTaken
     */
    private function letter(Revision $revision, Kit $kit, array $edits): string
    {
        $name = $revision->name;
        foreach ($edits as $edit) {
            if ($edit instanceof FactEdit && $edit->fact === 'revision') {
                $name = trim($kit->head->revision);
            }
        }
        if ($name !== $revision->name && preg_match('~^[A-Za-z0-9]{1,8}$~', $name) !== 1) {
            throw RevisionTaken::unusable($name);
        }
        $others = Revision::query()->where('kit_id', $revision->kit_id)->whereKeyNot($revision->id);
        if ($name !== $revision->name && $others->where('name', $name)->exists()) {
            throw RevisionTaken::by($name);
        }

        return $name;
    }

    /**
     * A fact is said of something that the kit has.
     *
     * @param list<KitEdit> $edits
     * @throws UnusableEdit
     */
    private function mustName(Kit $kit, array $edits): void
    {
        foreach ($edits as $edit) {
            if (
                $edit instanceof LineEdit &&
                $edit->value !== null &&
                in_array($edit->designator, $kit->findings->unknownNames, true)
            ) {
                throw UnusableEdit::unknown('part', $edit->designator, array_map(strval(...), array_keys($kit->parts)));
            }
        }
    }
}
