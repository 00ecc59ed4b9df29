<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\StartRun;
use App\Http\Requests\Options;
use App\Http\Requests\Packing\StartRunRequest;
use App\Models\Release;
use App\Models\Run;
use App\Queries\Packing\RunSheet;
use App\Queries\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Packing runs: begin one, look at one. */
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
            $request->dealing(),
            $request->way(),
        );

        return new JsonResponse($sheet->of($run), 201);
    }

    public function show(Run $run, RunSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($run));
    }
}
