<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Models\Unit;
use Chiralex\Trade\NearSerials;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Serials of ours that are nearest to what was typed, itself first where it is one. */
final readonly class NearSerialController
{
    private const MOST = 5;

    public function __invoke(Request $request): JsonResponse
    {
        $typed = $request->query('serial');
        $near = NearSerials::of(is_string($typed) ? mb_substr($typed, 0, 60) : '');
        $ours = [];
        foreach (Unit::query()->whereIn('serial', $near)->get(['serial']) as $unit) {
            $ours[] = $unit->serial;
        }

        return new JsonResponse(['serials' => array_slice(array_values(array_intersect($near, $ours)), 0, self::MOST)]);
    }
}
