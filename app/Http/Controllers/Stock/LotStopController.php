<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Mail\DraftMails;
use App\Actions\Stock\StopLot;
use App\Http\Requests\PlainOperation;
use App\Http\Requests\Stock\LotStopRequest;
use App\Models\LotStop;
use App\Queries\Stock\LotStopSheet;
use Illuminate\Http\JsonResponse;

/** Stops a bad lot, sends the letters that tell of it, and takes all of it back. */
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

    public function send(PlainOperation $request, int $lot, DraftMails $drafts, LotStopSheet $sheet): JsonResponse
    {
        $stop = LotStop::ofLot($lot) ?? abort(404, 'This lot is not stopped; stop it first.');
        $drafts->send($stop->id, $request->userId());

        return new JsonResponse($sheet->of($lot));
    }

    public function destroy(PlainOperation $request, int $lot, StopLot $stop, LotStopSheet $sheet): JsonResponse
    {
        $stop->takeBack($lot, $request->operationId(), $request->userId());

        return new JsonResponse($sheet->of($lot));
    }
}
