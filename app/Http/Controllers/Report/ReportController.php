<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\Arrived;
use App\Actions\Report\ReceiveReport;
use App\Http\Requests\Report\PublicReportRequest;
use App\Queries\Page;
use App\Queries\Report\Inbox;
use ChiralexRender\Document\FaultsDocument;
use ChiralexRender\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The inbox of reports. */
final readonly class ReportController
{
    public function __construct(private Inbox $inbox) {}

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->inbox->page(Page::of($request), $request->query('shown') !== 'all') +
                (new FaultsDocument(Words::english()))->vocabulary(),
        );
    }

    public function show(int $report): JsonResponse
    {
        return new JsonResponse($this->inbox->one($report));
    }

    /** A report that came by telephone or letter. */
    public function store(PublicReportRequest $request, ReceiveReport $receive): JsonResponse
    {
        $report = $receive(
            new Arrived($request->operationId(), 'hand', $request->text('text'), serial: $request->text('serial')),
            ['name' => $request->text('name'), 'email' => $request->text('email')],
            $request->photo(),
        );

        return new JsonResponse($this->inbox->one($report['id']), 201);
    }
}
