<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\PartLibrary;
use App\Actions\Library\RememberedColumns;
use App\Actions\Library\RememberedFiles;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\KitFolder;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\DroppedTable;
use Chiralex\Kit\Edit\Edit;
use Chiralex\Kit\Edit\FileEdit;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\TableList;
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
        private RememberedFiles $files,
    ) {}

    /**
     * @param array<string, string> $dropped name as dropped to bytes
     * @param ?string $list which of several tables is the parts list, as the maker says
     * @throws UnusableFile
     * @throws EditConflict
     * @throws ChiralexException when the kit could not be read with these files; nothing is saved then
     */
    public function __invoke(
        Revision $revision,
        User $user,
        string $operationId,
        int $seen,
        array $dropped,
        ?string $list = null,
    ): Revision {
        $edits = $labels = [];
        foreach ($dropped as $name => $bytes) {
            $read = (new KitFiles($list))->fromBytes($name, $bytes);
            if (
                array_keys($read) === [TableList::LIST] &&
                strtolower($name) !== TableList::LIST &&
                DroppedTable::isPlacement($read[TableList::LIST])
            ) {
                $read = [TableList::PLACES => $read[TableList::LIST]];
            }
            if (
                array_keys($read) === [TableList::LIST] &&
                !KitFiles::isKnown($name) &&
                $this->isUnclear($revision, $read[TableList::LIST])
            ) {
                throw UnusableFile::unclear($name);
            }
            foreach ($read as $role => $content) {
                if (isset($labels[$role]) && in_array($role, [TableList::LIST, TableList::PLACES], true)) {
                    // One of two lists would be lost without a word.
                    if (!in_array($list, [$labels[$role], $name], true)) {
                        throw UnusableFile::severalLists([$labels[$role], $name]);
                    }
                    if ($list !== $name) {
                        continue;
                    }
                    $edits = array_values(
                        array_filter($edits, static fn(FileEdit $edit): bool => $edit->name !== $role),
                    );
                }
                $edits[] = new FileEdit((string) $role, $content);
                $labels[$role] = $name;
            }
        }
        $edits = [...$edits, ...$this->remembered($revision, $edits, $labels)];

        return DB::transaction(function () use (
            $revision,
            $user,
            $operationId,
            $seen,
            $edits,
            $dropped,
            $labels,
        ): Revision {
            $saved = ($this->edit)($revision->id, $user, $operationId, $seen, $edits, null, $labels);
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

    /** True for a table that would take the place of the parts list without saying what its parts are. */
    private function isUnclear(Revision $revision, string $bytes): bool
    {
        return isset($this->folder->of($revision)->files[TableList::LIST]) &&
            !DroppedTable::isPartsList($bytes) &&
            $this->columns->edits($bytes) === [];
    }

    /**
     * What was said before of these columns and these parts.
     *
     * @param list<FileEdit> $files
     * @param array<string, string> $labels
     * @return list<Edit>
     * @throws ChiralexException
     */
    private function remembered(Revision $revision, array $files, array $labels): array
    {
        $dropped = [];
        foreach ($files as $file) {
            $dropped[$file->name] = (string) $file->bytes;
        }
        $columns = [...$this->columns->edits($dropped[TableList::LIST] ?? ''), ...$this->files->edits($dropped)];
        $folder = $this->folder->of($revision);
        foreach ([...$files, ...$columns] as $edit) {
            $folder = $edit->on($folder)->folder;
        }

        return [...$columns, ...$this->library->edits((new KitReader())->read($folder->files, [], $labels), $folder)];
    }
}
