<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\PackOn;
use App\Actions\Sales\ImpossibleMove;
use App\Actions\Stock\ImpossibleLot;
use App\Http\Requests\Packing\PackRequest;
use App\Models\Run;
use App\Queries\Packing\RunSheet;
use Chiralex\Trade\Exception\ImpossiblePacking;
use Illuminate\Http\JsonResponse;

/** What happens in a run, written one after the other. */
final readonly class RunEventController
{
    /** A refusal carries the run as it stands, so that the packer goes on from there. */
    public function store(PackRequest $request, Run $run, PackOn $pack, RunSheet $sheet): JsonResponse
    {
        $event = $request->event();
        try {
            $change = $pack($run, $event, $request->meantAfter(), $request->operationId(), $request->userId());
        } catch (ImpossiblePacking | ImpossibleMove | ImpossibleLot $why) {
            return new JsonResponse(['message' => $why->getMessage(), 'run' => $sheet->of($run)], 409);
        }

        return new JsonResponse($sheet->after($run, $change, [$event->line]));
    }
}
