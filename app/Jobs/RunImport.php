<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Kit\ImportKit;
use App\Actions\Kit\RefusedKit;
use App\Actions\Kit\TooHeavy;
use App\Actions\Upkeep\FileUses;
use App\Models\Import;
use App\Models\Revision;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\UnusableFile;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Makes a kit of an import, tells how far it is, and keeps nothing of what is refused. */
final class RunImport implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 2;
    public int $timeout = 150;

    public function __construct(private readonly int $importId) {}

    public function handle(ImportKit $make, FileStore $store, FileUses $uses): void
    {
        $import = Import::query()->find($this->importId);
        if ($import === null || !$this->reached(5)) {
            return;
        }
        try {
            $dropped = [];
            foreach ($import->files as $file) {
                $dropped[$file['name']] = $store->get($file['sha256']);
            }
            $make(
                $dropped,
                $import->user_id,
                $import->designator_column,
                $this->reached(...),
                static function (Revision $revision) use ($import): void {
                    $kept = Import::query()
                        ->where('id', $import->id)
                        ->whereIn('status', ['queued', 'running'])
                        ->update(['status' => 'done', 'progress' => 100, 'revision_id' => $revision->id]);
                    if ($kept === 0) {
                        throw TooHeavy::stopped();
                    }
                },
                $import->chosen_list,
            );
        } catch (UnusableFile | ChiralexException | RefusedKit | TooHeavy $why) {
            $this->refuse(
                $import,
                $why->getMessage(),
                $why instanceof UnreadableTable && $why->missing === 'designator' ? $why->headers : null,
                $uses,
                $why instanceof UnusableFile ? $why->lists : [],
            );
        }
    }

    public function failed(?Throwable $fault): void
    {
        $import = Import::query()->find($this->importId);
        if ($import !== null) {
            $this->refuse($import, TooHeavy::broke()->getMessage(), null, app(FileUses::class));
        }
    }

    /**
     * @param ?list<string> $headers
     * @param list<string> $lists tables that may be the parts list
     */
    private function refuse(Import $import, string $why, ?array $headers, FileUses $uses, array $lists = []): void
    {
        Import::query()
            ->where('id', $import->id)
            ->whereIn('status', ['queued', 'running'])
            ->update([
                'status' => 'failed',
                'fault' => mb_scrub($why),
                'lists' => $lists === [] ? null : json_encode(array_map(mb_scrub(...), $lists), JSON_THROW_ON_ERROR),
                'headers' =>
                    $headers === null ? null : json_encode(array_map(mb_scrub(...), $headers), JSON_THROW_ON_ERROR),
            ]);
        $uses->discardUnused(array_column($import->files, 'sha256'));
    }

    /** False when it was cancelled in the meantime. */
    private function reached(int $percent): bool
    {
        return Import::query()
            ->where('id', $this->importId)
            ->whereIn('status', ['queued', 'running'])
            ->update(['status' => 'running', 'progress' => $percent]) === 1;
    }
}
