<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Report\SortIntoMatters;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Lays reports that nobody has sorted to those of one matter. */
final class SortReports implements ShouldQueue, ShouldBeUnique
{
    use Dispatchable;
    use Queueable;

    public int $tries = 2;
    public int $uniqueFor = 60;

    public function handle(SortIntoMatters $sort): void
    {
        $sort();
    }
}
