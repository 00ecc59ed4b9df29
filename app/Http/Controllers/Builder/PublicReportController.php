<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Actions\Report\ReceiveReport;
use App\Http\Requests\Report\PublicReportRequest;
use App\Queries\Builder\OpenedPage;
use Illuminate\Http\JsonResponse;

/** Reports of builders, from the public page of their kit. */
final readonly class PublicReportController
{
    public function store(PublicReportRequest $request, string $token, ReceiveReport $receive): JsonResponse
    {
        $page = OpenedPage::by($token);
        $report = $receive(
            $request->operationId(),
            $page->release->id,
            $page->unit,
            $request->text('serial'),
            ['key' => $request->text('step'), 'number' => $request->stepNumber()],
            $request->text('text'),
            ['name' => $request->text('name'), 'email' => $request->text('email')],
            $request->photo(),
            'page',
        );

        return new JsonResponse($report, $report['again'] ? 200 : 201);
    }
}
