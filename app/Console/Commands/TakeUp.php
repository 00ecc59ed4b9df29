<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Gives back what a killed worker left half done, so that the next one need not wait until it is given up. Run before the only worker
 * of a queue starts; beside a second one it would have its job done twice.
 */
final class TakeUp extends Command
{
    protected $signature = 'chiralex:take-up {queue}';
    protected $description = 'Give back the jobs that a killed worker of this queue held';

    public function handle(): int
    {
        DB::table('jobs')
            ->where('queue', $this->argument('queue'))
            ->whereNotNull('reserved_at')
            ->update(['reserved_at' => null]);

        return self::SUCCESS;
    }
}
