<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\MoveUnit;
use App\Http\Requests\Stock\UnitMoveRequest;
use App\Models\Unit;
use App\Queries\Stock\SerialLife;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The life of one kit, and what is done with it by hand. */
final readonly class SerialLifeController
{
    public function show(Request $request, SerialLife $life): JsonResponse
    {
        return new JsonResponse($life->of(mb_substr((string) $request->string('serial'), 0, 60)));
    }

    public function store(UnitMoveRequest $request, Unit $unit, MoveUnit $move, SerialLife $life): JsonResponse
    {
        $note = trim((string) $request->string('note'));
        $move($unit, $request->entry(), $note, $request->operationId(), $request->userId());

        return new JsonResponse($life->of($unit->serial), 201);
    }
}
