<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\PackOn;
use App\Actions\Sales\ImpossibleMove;
use App\Actions\Stock\ImpossibleLot;
use App\Http\Requests\Packing\KeysRequest;
use App\Models\Run;
use App\Queries\Packing\RunSheet;
use Chiralex\Trade\Exception\ImpossiblePacking;
use Illuminate\Http\JsonResponse;

/** Keys that waited, booked one after the other, each by itself; the first that does not fit ends it. */
final readonly class PackKeys
{
    public function __invoke(KeysRequest $request, Run $run, PackOn $pack, RunSheet $sheet): JsonResponse
    {
        $taken = 0;
        $lines = [];
        foreach ($request->pressed() as $key) {
            try {
                $pack($run, $key['event'], $key['after'], $key['operationId'], $request->userId());
            } catch (ImpossiblePacking | ImpossibleMove | ImpossibleLot $why) {
                return new JsonResponse([
                    'taken' => $taken,
                    'refused' => $why->getMessage(),
                    'run' => $sheet->of($run),
                    'change' => null,
                ]);
            }
            $lines[] = $key['event']->line;
            ++$taken;
        }

        return new JsonResponse([
            'taken' => $taken,
            'refused' => null,
            'run' => null,
            'change' => $sheet->since($run, $lines),
        ]);
    }
}
