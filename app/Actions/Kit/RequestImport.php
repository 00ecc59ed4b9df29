<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\RunImport;
use App\Models\Import;
use App\Support\FileStore;
use Illuminate\Support\Facades\DB;

/** Hands dropped files to the worker, once for each operation. */
final readonly class RequestImport
{
    public function __construct(private FileStore $store) {}

    /** @param array<string, string> $dropped name as dropped to bytes */
    public function __invoke(
        array $dropped,
        ?int $userId,
        string $operationId,
        ?int $designatorColumn,
        ?string $list = null,
    ): Import {
        $files = [];
        foreach ($dropped as $name => $bytes) {
            $files[] = ['name' => mb_substr(mb_scrub((string) $name), 0, 190), 'sha256' => $this->store->put($bytes)];
        }
        $new = DB::table('imports')->insertOrIgnore([
            'operation_id' => $operationId,
            'user_id' => $userId,
            'status' => 'queued',
            'files' => json_encode($files, JSON_THROW_ON_ERROR),
            'designator_column' => $designatorColumn,
            'chosen_list' => $list,
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        $import = Import::query()->where('operation_id', $operationId)->firstOrFail();
        if ($new === 1) {
            RunImport::dispatch($import->id)->onQueue('first');
        }

        return $import->refresh();
    }
}
