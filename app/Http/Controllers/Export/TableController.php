<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Http\Requests\TableRequest;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\WorkbookWriter;
use Illuminate\Http\Response;

/** A table of the interface, as its owner sees it, as a workbook. */
final readonly class TableController
{
    /** @throws UnusableFile when it cannot be written */
    public function __invoke(TableRequest $request, WorkbookWriter $writer): Response
    {
        return new Response($writer->write((string) $request->string('name'), $request->rows()), 200, [
            'Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        ]);
    }
}
