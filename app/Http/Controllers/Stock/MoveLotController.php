<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\MoveLot;
use App\Http\Requests\Stock\LotMoveRequest;
use App\Models\Lot;
use App\Queries\Stock\PartStock;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Books by hand what happened to a lot. */
final readonly class MoveLotController
{
    public function store(LotMoveRequest $request, int $lot, MoveLot $move, PartStock $stock): JsonResponse
    {
        $part = Lot::query()->findOrFail($lot)->stock_part_id;
        $move(
            $lot,
            $request->entry(),
            $request->quantity(),
            trim((string) $request->string('note')),
            $request->operationId(),
            $request->userId(),
        );
        $fingerprint = DB::table('stock_parts')->where('id', $part)->value('fingerprint');

        return new JsonResponse($stock->part(is_string($fingerprint) ? $fingerprint : ''), 201);
    }
}
