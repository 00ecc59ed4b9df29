<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\PartLibrary;
use App\Actions\Library\RememberedColumns;
use App\Jobs\ComputeDocuments;
use App\Models\Kit;
use App\Models\Revision;
use App\Support\Audit;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use Chiralex\Table\CsvReader;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Support\Facades\DB;

/** Makes a kit from dropped files: read first, store after, so that nothing is half imported. */
final readonly class ImportKit
{
    public function __construct(
        private KitFolder $folder,
        private FileStore $store,
        private PartLibrary $library,
        private RememberedColumns $columns,
    ) {}

    /**
     * @param array<string, string> $dropped name as dropped to bytes
     * @param ?int $designatorColumn which column of the parts list holds designators, where its header does not tell
     * @throws UnusableFile when a file cannot be opened
     * @throws ChiralexException when the files make no kit
     */
    public function __invoke(array $dropped, ?int $userId, ?int $designatorColumn = null): Revision
    {
        // What the format names by itself goes before what has to be guessed.
        uksort($dropped, static fn(string $a, string $b): int => KitFiles::isKnown($b) <=> KitFiles::isKnown($a));
        $files = $labels = [];
        foreach ($dropped as $name => $bytes) {
            $read = $this->role($name, (new KitFiles())->fromBytes($name, $bytes), $files);
            $files += $read;
            $labels += str_ends_with(strtolower($name), '.zip') ? [] : array_fill_keys(array_keys($read), $name);
        }
        $files = $this->named($files, $labels['bom.csv'] ?? array_key_first($dropped) ?? 'kit');
        $draft = new Draft($files);
        if ($designatorColumn !== null) {
            $this->columns->remember((new CsvReader())->read($files['bom.csv'] ?? '', 'bom.csv')->headers, $designatorColumn, 'designator');
        }
        foreach ($this->columns->changes($files['bom.csv'] ?? '') as $change) {
            $draft->apply($change);
        }
        $kit = (new KitReader())->read($draft->files, [], $labels);
        foreach ($this->library->changes($kit, $draft->files['kit.json'] ?? '{}') as $change) {
            $draft->apply($change);
        }
        $files = $draft->files;

        return DB::transaction(function () use ($files, $kit, $dropped, $userId): Revision {
            $model = Kit::query()->create(['name' => $kit->name]);
            $revision = Revision::query()->create(['kit_id' => $model->id, 'name' => $kit->revision, 'sequence' => 0, 'files' => $this->folder->store($files)]);
            foreach ($dropped as $name => $bytes) {
                DB::table('original_files')->insert(['revision_id' => $revision->id, 'name' => mb_substr($name, 0, 190), 'sha256' => $this->store->put($bytes), 'bytes' => strlen($bytes)]);
            }
            Audit::record($userId, 'kit.import', null, ['revision' => $revision->id, 'files' => array_keys($dropped)]);
            ComputeDocuments::dispatch($revision->id);

            return $revision;
        });
    }

    /**
     * A table with coordinates is a placement file under whatever name it came.
     *
     * @param array<string, string> $read
     * @param array<string, string> $known
     * @return array<string, string>
     */
    private function role(string $name, array $read, array $known): array
    {
        if (array_keys($read) === ['bom.csv'] && !KitFiles::isKnown($name) && (str_contains(strtolower($name), 'placement') || isset($known['bom.csv'])) && FileRole::isPlacement($read['bom.csv'])) {
            return ['placements.csv' => $read['bom.csv']];
        }

        return $read;
    }

    /**
     * A parts list alone gets the name of its file.
     *
     * @param array<string, string> $files
     * @return array<string, string>
     */
    private function named(array $files, string $dropped): array
    {
        if (!isset($files['kit.json'])) {
            $name = trim(ucfirst((string) preg_replace('~[-_.]+~', ' ', pathinfo($dropped, PATHINFO_FILENAME))));
            $files['kit.json'] = json_encode(['format' => 1, 'name' => mb_substr($name === '' ? 'New kit' : $name, 0, 100), 'revision' => 'A'], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR) . "\n";
        }

        return $files;
    }
}
