<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Jobs\ComputeDocuments;
use App\Models\Revision;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

/** Has the worker write what lists show of each revision, where that is missing or was computed by other code. */
final class Renew extends Command
{
    protected $signature = 'chiralex:renew';

    protected $description = 'Renew what lists show of kits, in the background';

    public function handle(): int
    {
        $due = Revision::query()
            ->leftJoin('revision_facts', 'revision_facts.revision_id', '=', 'revisions.id')
            ->where(
                static fn(Builder $query): Builder => $query
                    ->whereNull('revision_facts.revision_id')
                    ->orWhereColumn('revision_facts.sequence', '!=', 'revisions.sequence')
                    ->orWhere('revision_facts.code', '!=', config()->string('app.code')),
            )
            ->orderByDesc('revisions.id')
            ->get(['revisions.id', 'revisions.sequence']);
        foreach ($due as $revision) {
            ComputeDocuments::dispatch($revision->id, $revision->sequence);
        }
        $this->info("{$due->count()} revisions are renewed in the background.");

        return self::SUCCESS;
    }
}
