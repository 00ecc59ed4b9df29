<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Actions\Report\Arrived;
use App\Actions\Report\Noticed;
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
            new Arrived(
                $request->operationId(),
                'page',
                $request->text('text'),
                $page->release->id,
                $page->unit,
                $request->text('serial'),
                new Noticed(
                    $request->text('step'),
                    $request->stepNumber(),
                    $request->text('symptom'),
                    $request->checks(),
                ),
            ),
            ['name' => $request->text('name'), 'email' => $request->text('email')],
            $request->photo(),
        );

        return new JsonResponse($report, $report['again'] ? 200 : 201);
    }
}
