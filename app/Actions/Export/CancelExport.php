<?php

declare(strict_types=1);

namespace App\Actions\Export;

use App\Models\Export;

/** Takes a file back that is being made; a finished one stays. */
final readonly class CancelExport
{
    public function __invoke(Export $export): void
    {
        Export::query()
            ->where('id', $export->id)
            ->whereIn('status', ['queued', 'running'])
            ->update(['status' => 'cancelled']);
    }
}
