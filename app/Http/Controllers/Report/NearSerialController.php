<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Queries\Report\OurSerials;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Serials of ours that are nearest to what was typed. */
final readonly class NearSerialController
{
    public function __invoke(Request $request, OurSerials $serials): JsonResponse
    {
        $typed = $request->query('serial');

        return new JsonResponse(['serials' => $serials->near(is_string($typed) ? $typed : '')]);
    }
}
