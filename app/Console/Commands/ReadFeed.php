<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Sales\TakeFeed;
use App\Actions\Sales\TellCarrier;
use Illuminate\Console\Command;

/** Takes the tables of the shop's folder and lays out what the carrier asks; the worker calls it every minute. */
final class ReadFeed extends Command
{
    protected $signature = 'chiralex:feed';

    protected $description = 'Take orders from the folder, lay parcels out for the carrier';

    public function handle(TakeFeed $take, TellCarrier $tell): int
    {
        $this->info("{$take()} tables, {$tell()} parcels");

        return self::SUCCESS;
    }
}
