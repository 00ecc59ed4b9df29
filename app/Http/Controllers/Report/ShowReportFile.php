<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Queries\Report\ReportFiles;
use App\Support\FileStore;
use Illuminate\Http\Response;

/** What came with a report: a photograph is shown, anything else is only saved. */
final readonly class ShowReportFile
{
    public function __invoke(int $report, int $file, ReportFiles $files, FileStore $store): Response
    {
        $one = $files->one($report, $file) ?? abort(404, 'This report has no such file.');
        $name = (string) preg_replace('~[^A-Za-z0-9._ -]~', '_', $one['name']);

        return new Response($store->get($one['sha256']), 200, [
            'Content-Type' => $one['photo'] ? 'image/jpeg' : 'application/octet-stream',
            'Content-Disposition' => $one['photo'] ? 'inline' : "attachment; filename=\"{$name}\"",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
