<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\ComputeDocuments;
use App\Models\Kit;
use App\Models\Revision;
use App\Support\Audit;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use ChiralexAdapters\UnusableFile;
use Closure;
use Illuminate\Support\Facades\DB;

/** Makes a kit from dropped files: read first, worked out next, stored last, so that nothing is half imported and nothing that breaks a room is kept. */
final readonly class ImportKit
{
    /** What has to be computable before a kit is kept: its row on the Shelf, its parts, what there is to settle. */
    private const PROOF = ['shelf', 'parts', 'check', 'order'];

    public function __construct(
        private PrepareKit $prepare,
        private Workshop $workshop,
        private FileStore $store,
        private Derived $derived,
        private Facts $facts,
    ) {}

    /**
     * @param array<string, string> $dropped name as dropped to bytes
     * @param ?int $designatorColumn which column of the parts list holds designators, where its header does not tell
     * @param ?Closure(int): bool $progress told the percentage done; false stops the import
     * @param ?Closure(Revision): void $stored told the revision before it is kept for good; what it throws takes it back
     * @param ?string $list which of several tables is the parts list, as the maker says
     * @throws UnusableFile when a file cannot be opened
     * @throws ChiralexException when the files make no kit
     * @throws RefusedKit likewise
     * @throws TooHeavy when the kit breaks a limit, or the import was stopped
     */
    public function __invoke(
        array $dropped,
        ?int $userId,
        ?int $designatorColumn = null,
        ?Closure $progress = null,
        ?Closure $stored = null,
        ?string $list = null,
    ): Revision {
        $kit = ($this->prepare)($dropped, $designatorColumn, $list);
        if ($progress !== null && !$progress(20)) {
            throw TooHeavy::stopped();
        }
        $documents = $this->workshop->documents(
            $kit->files,
            $kit->labels,
            self::PROOF,
            $progress === null ? null : static fn(int $percent): bool => $progress(20 + intdiv($percent * 7, 10)),
        );

        return DB::transaction(function () use ($kit, $documents, $dropped, $userId, $stored): Revision {
            $model = Kit::query()->create(['name' => mb_substr($kit->name, 0, 120)]);
            $revision = Revision::query()->create([
                'kit_id' => $model->id,
                'name' => mb_substr($kit->revision, 0, 20),
                'sequence' => 0,
                'files' => $this->store->putAll($kit->files),
            ]);
            foreach ($dropped as $name => $bytes) {
                DB::table('original_files')->insert([
                    'revision_id' => $revision->id,
                    'name' => mb_substr(mb_scrub($name), 0, 190),
                    'sha256' => $this->store->put($bytes),
                    'bytes' => strlen($bytes),
                ]);
            }
            foreach ($documents as $name => $json) {
                $this->derived->keep($revision, $name, $json);
            }
            $this->facts->write($revision, $documents);
            Audit::record($userId, 'kit.import', null, [
                'revision' => $revision->id,
                'files' => array_map(mb_scrub(...), array_map(strval(...), array_keys($dropped))),
            ]);
            if ($stored !== null) {
                $stored($revision);
            }
            ComputeDocuments::dispatch($revision->id, 0);

            return $revision;
        });
    }
}
