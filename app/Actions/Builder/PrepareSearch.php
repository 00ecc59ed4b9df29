<?php

declare(strict_types=1);

namespace App\Actions\Builder;

use App\Jobs\ComputeDocuments;
use App\Models\Revision;
use Illuminate\Support\Facades\Cache;

/** Has the worker work out the search for a fault, once in a while, so that a page opened later has it. */
final readonly class PrepareSearch
{
    private const SECONDS = 120;

    public function __invoke(Revision $revision): void
    {
        if (Cache::add("search of {$revision->id}", true, self::SECONDS)) {
            ComputeDocuments::dispatch($revision->id, $revision->sequence);
        }
    }
}
