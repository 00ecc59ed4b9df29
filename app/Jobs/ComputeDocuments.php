<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Kit\Documents;
use App\Models\Revision;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Computes a draft's documents ahead, so that the next room opens at once. */
final class ComputeDocuments implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 2;

    public function __construct(private readonly int $revisionId) {}

    public function handle(Documents $documents): void
    {
        $revision = Revision::query()->find($this->revisionId);
        if ($revision === null) {
            return;
        }
        foreach (['parts', 'check', 'boards', 'order', 'marks', 'bags', 'bench', 'manual', 'safety', 'order-kind-by-kind', 'shelf'] as $name) {
            $documents->get($revision, $name);
        }
    }
}
