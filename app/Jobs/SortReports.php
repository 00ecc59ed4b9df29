<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Report\SortIntoMatters;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Lays reports that nobody has sorted to those of one matter; where there is none left it has nothing to do. */
final class SortReports implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    public int $tries = 2;

    public function handle(SortIntoMatters $sort): void
    {
        $sort();
    }
}
