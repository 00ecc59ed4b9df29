<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\MoveLot;
use App\Http\Requests\Stock\LotMoveRequest;
use App\Queries\Stock\PartStock;
use Illuminate\Http\JsonResponse;

/** Books by hand what happened to a lot. */
final readonly class MoveLotController
{
    public function store(LotMoveRequest $request, int $lot, MoveLot $move, PartStock $stock): JsonResponse
    {
        $move(
            $lot,
            $request->entry(),
            $request->quantity(),
            trim((string) $request->string('note')),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($stock->ofLot($lot), 201);
    }
}
