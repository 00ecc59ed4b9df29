<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Actions\Builder\BuilderPage;
use App\Actions\Builder\OpenedPage;
use App\Actions\Builder\Ticks;
use App\Actions\Report\ReceiveReport;
use App\Actions\Report\UnusablePhoto;
use App\Http\Requests\Report\PublicReportRequest;
use App\Http\Requests\Report\TicksRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The public page of a kit, by token alone; it holds that kit and nothing else. */
final readonly class PageController
{
    public function show(string $token, BuilderPage $builder): Response
    {
        $page = OpenedPage::by($token);

        return new Response(
            view('builder', [
                'kit' => $page->release->revision->kit->name,
                'structured' => $builder->structured($page),
            ]),
        );
    }

    public function data(string $token, BuilderPage $builder): JsonResponse
    {
        return new JsonResponse($builder->of(OpenedPage::by($token)));
    }

    public function tick(TicksRequest $request, string $token, Ticks $ticks): JsonResponse
    {
        $unit = OpenedPage::by($token)->unit;
        if ($unit === null) {
            return new JsonResponse(
                ['message' => 'This address belongs to the manual, not to one kit: ticks stay on your device.'],
                422,
            );
        }
        $ticks->add($unit, $request->ticks());

        return new JsonResponse(['ticks' => $ticks->done($unit)]);
    }

    public function report(PublicReportRequest $request, string $token, ReceiveReport $receive): JsonResponse
    {
        $page = OpenedPage::by($token);
        try {
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
        } catch (UnusablePhoto $why) {
            return new JsonResponse(['message' => $why->told($request->words())], 422);
        }

        return new JsonResponse($report, $report['again'] ? 200 : 201);
    }
}
