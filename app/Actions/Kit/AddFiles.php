<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\PartLibrary;
use App\Actions\Library\RememberedColumns;
use App\Models\Revision;
use App\Models\User;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Support\Facades\DB;

/** Puts dropped files into a draft as edits, and keeps the originals with the revision. */
final readonly class AddFiles
{
    public function __construct(
        private EditRevision $edit,
        private FileStore $store,
        private KitFolder $folder,
        private PartLibrary $library,
        private RememberedColumns $columns,
    ) {}

    /**
     * @param array<string, string> $dropped name as dropped to bytes
     * @throws UnusableFile
     * @throws EditConflict
     * @throws UnknownChange
     * @throws ChiralexException when the kit could not be read with these files; nothing is saved then
     */
    public function __invoke(Revision $revision, User $user, string $operationId, int $seen, array $dropped): Revision
    {
        $changes = $labels = [];
        foreach ($dropped as $name => $bytes) {
            $read = (new KitFiles())->fromBytes($name, $bytes);
            if (
                array_keys($read) === ['bom.csv'] &&
                strtolower($name) !== 'bom.csv' &&
                FileRole::isPlacement($read['bom.csv'])
            ) {
                $read = ['placements.csv' => $read['bom.csv']];
            }
            foreach ($read as $role => $content) {
                $changes[] = new Change('file', $role, '', $this->store->put($content));
                $labels[$role] = $name;
            }
        }
        $changes = [...$changes, ...$this->remembered($revision, $changes, $labels)];

        return DB::transaction(function () use (
            $revision,
            $user,
            $operationId,
            $seen,
            $changes,
            $dropped,
            $labels,
        ): Revision {
            $saved = ($this->edit)($revision->id, $user, $operationId, $seen, $changes, null, $labels);
            foreach ($dropped as $name => $bytes) {
                DB::table('original_files')->insert([
                    'revision_id' => $revision->id,
                    'name' => mb_substr($name, 0, 190),
                    'sha256' => $this->store->put($bytes),
                    'bytes' => strlen($bytes),
                ]);
            }

            return $saved;
        });
    }

    /**
     * What was said before of these columns and these parts.
     *
     * @param list<Change> $changes file changes
     * @param array<string, string> $labels
     * @return list<Change>
     * @throws UnknownChange
     * @throws ChiralexException
     */
    private function remembered(Revision $revision, array $changes, array $labels): array
    {
        $draft = new Draft($this->folder->files($revision));
        $columns = [];
        foreach ($changes as $change) {
            $bytes = is_string($change->value) ? $this->store->get($change->value) : null;
            $draft->apply(new Change('file', $change->target, '', $bytes));
            $columns = $change->target === 'bom.csv' && $bytes !== null ? $this->columns->changes($bytes) : $columns;
        }
        foreach ($columns as $change) {
            $draft->apply($change);
        }

        return [
            ...$columns,
            ...$this->library->changes(
                (new KitReader())->read($draft->files, [], $labels),
                $draft->files['kit.json'] ?? '{}',
            ),
        ];
    }
}
