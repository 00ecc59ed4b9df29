<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Queries\Report\Inbox;
use App\Support\FileStore;
use Illuminate\Http\Response;

/** The photo of a report. */
final readonly class ShowReportPhoto
{
    public function __invoke(int $report, Inbox $inbox, FileStore $store): Response
    {
        $hash = $inbox->photo($report) ?? abort(404, 'This report has no photo.');

        return new Response($store->get($hash), 200, ['Content-Type' => 'image/jpeg']);
    }
}
