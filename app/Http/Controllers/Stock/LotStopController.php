<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\StopLot;
use App\Http\Requests\PlainOperation;
use App\Http\Requests\Stock\LotStopRequest;
use App\Queries\Stock\LotStopSheet;
use Illuminate\Http\JsonResponse;

/** Stops a bad lot, and takes all of it back. */
final readonly class LotStopController
{
    public function show(int $lot, LotStopSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($lot));
    }

    public function store(LotStopRequest $request, int $lot, StopLot $stop, LotStopSheet $sheet): JsonResponse
    {
        $stop(
            $lot,
            $request->said('note'),
            $request->said('subject'),
            $request->said('letter'),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($sheet->of($lot), 201);
    }

    public function destroy(PlainOperation $request, int $lot, StopLot $stop, LotStopSheet $sheet): JsonResponse
    {
        $stop->takeBack($lot, $request->operationId(), $request->userId());

        return new JsonResponse($sheet->of($lot));
    }
}
