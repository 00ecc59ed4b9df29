<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\PackOn;
use App\Actions\Packing\StartRun;
use App\Actions\Sales\ImpossibleMove;
use App\Http\Requests\Options;
use App\Http\Requests\Packing\PackRequest;
use App\Http\Requests\Packing\StartRunRequest;
use App\Models\Release;
use App\Models\Run;
use App\Queries\Page;
use App\Queries\RunSheet;
use Chiralex\Trade\Exception\ImpossiblePacking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Packing runs: begin one, look at one, pack on. */
final readonly class RunController
{
    public function index(Request $request, RunSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->page(Page::of($request)) + ['releases' => $sheet->releases()]);
    }

    public function store(StartRunRequest $request, StartRun $start, RunSheet $sheet): JsonResponse
    {
        $run = $start(
            Release::query()->findOrFail($request->integer('releaseId')),
            $request->packs(),
            $request->integer('packSize'),
            $request->operationId(),
            $request->userId(),
            Options::of($request),
        );

        return new JsonResponse($sheet->of($run), 201);
    }

    public function show(Run $run, RunSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($run));
    }

    public function serials(Request $request, Run $run, RunSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->serials($run, Page::of($request)));
    }

    /** A refusal carries the run as it stands, so that the packer goes on from there. */
    public function pack(PackRequest $request, Run $run, PackOn $pack, RunSheet $sheet): JsonResponse
    {
        $event = $request->event();
        try {
            return new JsonResponse(
                $sheet->after($run, $pack($run, $event, $request->operationId(), $request->userId()), $event->line),
            );
        } catch (ImpossiblePacking | ImpossibleMove $why) {
            return new JsonResponse(['message' => $why->getMessage(), 'run' => $sheet->of($run)], 409);
        }
    }
}
