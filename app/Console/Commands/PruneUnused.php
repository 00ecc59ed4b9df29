<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Upkeep\Prune;
use Illuminate\Console\Command;

/** Run by the worker every ten minutes. */
final class PruneUnused extends Command
{
    protected $signature = 'chiralex:prune';

    protected $description = 'Take away what nothing uses any more';

    public function handle(Prune $prune): int
    {
        $gone = array_filter($prune(), static fn(int $count): bool => $count > 0);
        $this->info(
            $gone === []
                ? 'Nothing to take away.'
                : implode(
                    ', ',
                    array_map(
                        static fn(string $what, int $count): string => "{$count} {$what}",
                        array_keys($gone),
                        $gone,
                    ),
                ) . ' taken away.',
        );

        return self::SUCCESS;
    }
}
