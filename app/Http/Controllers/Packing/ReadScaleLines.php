<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Http\Requests\Packing\ScaleLinesRequest;
use Chiralex\Bagging\Packing\ScalePattern;
use Illuminate\Http\JsonResponse;

/** Proposes how a scale writes its lines, and shows what it makes of each. */
final readonly class ReadScaleLines
{
    public function __invoke(ScaleLinesRequest $request): JsonResponse
    {
        $lines = $request->lines();
        $pattern = ScalePattern::proposed($lines);

        return new JsonResponse([
            'unit' => $pattern?->unit,
            'stable' => $pattern?->stable === null ? null : "={$pattern->stable}",
            'lines' => array_map(static function (string $line) use ($pattern): array {
                $reading = $pattern?->read($line, 0.0);

                return [
                    'line' => $line,
                    'grams' => $reading?->grams,
                    'stable' => $reading !== null && $reading->isStable,
                ];
            }, $lines),
        ]);
    }
}
