<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Upkeep\FileUses;
use App\Models\Import;

/** Takes dropped files back while they are on their way; a finished import stays. */
final readonly class CancelImport
{
    public function __construct(private FileUses $uses) {}

    public function __invoke(Import $import): void
    {
        $stopped = Import::query()
            ->where('id', $import->id)
            ->whereIn('status', ['queued', 'running'])
            ->update(['status' => 'cancelled']);
        if ($stopped === 1) {
            $this->uses->discardUnused(array_column($import->files, 'sha256'));
        }
    }
}
