<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Export\ExportKind;
use App\Devices\LabelPrinter;
use App\Models\Export;
use App\Queries\Export\Pages;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use ChiralexAdapters\Booklet;
use ChiralexAdapters\BookPdf;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Print\PageMark;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Prints an export to PDF, tells how far it is, and stops when it was cancelled. */
final class MakeExport implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 2;
    public int $timeout = 180;

    public function __construct(private readonly int $exportId) {}

    public function handle(Pages $pages, FileStore $store, BookPdf $book, LabelPrinter $printer): void
    {
        $export = Export::query()->find($this->exportId);
        if ($export === null || !$this->reached($export, 10)) {
            return;
        }
        try {
            $page = $pages->of($export);
            if (!$this->reached($export, 45)) {
                return;
            }
            $pdf = $book->print($page['html'], PageMark::filled(...));
            $hash = $store->put($export->kind === ExportKind::Booklet ? Booklet::of($pdf) : $pdf);
            if ($export->kind->isOneLabel()) {
                // What was taken back meanwhile comes out of no printer.
                if (!$this->reached($export, 90)) {
                    return;
                }
                $printer->print($page['name'], $pdf);
            }
        } catch (UnusableProgram | ChiralexException $fault) {
            Export::query()
                ->where('id', $export->id)
                ->update(['status' => 'failed', 'fault' => $fault->getMessage()]);

            return;
        }
        Export::query()
            ->where('id', $export->id)
            ->where('status', 'running')
            ->update([
                'status' => 'done',
                'progress' => 100,
                'sha256' => $hash,
                'name' => mb_substr($page['name'], 0, 110) . '.pdf',
            ]);
    }

    public function failed(?Throwable $fault): void
    {
        Export::query()
            ->where('id', $this->exportId)
            ->update([
                'status' => 'failed',
                'fault' => 'It could not be printed. Try again; if it stays, look into var/log/worker.log.',
            ]);
    }

    /** False when it was cancelled in the meantime. */
    private function reached(Export $export, int $percent): bool
    {
        return Export::query()
            ->where('id', $export->id)
            ->whereIn('status', ['queued', 'running'])
            ->update(['status' => 'running', 'progress' => $percent]) === 1;
    }
}
