<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Support\Heartbeat;
use Illuminate\Console\Command;

/** Told by bin/backup when it is done, so that the doctor knows. */
final class Beat extends Command
{
    protected $signature = 'chiralex:beat {name}';

    protected $description = 'Note that something was just done';

    public function handle(): int
    {
        Heartbeat::beat($this->argument('name'));

        return self::SUCCESS;
    }
}
