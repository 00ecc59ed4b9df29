<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Actions\Packing\MarkLift;
use App\Http\Requests\Packing\LiftRequest;
use App\Models\Run;
use Illuminate\Http\Response;

/** The bin was seen to be lifted off the scale. */
final readonly class LiftBin
{
    public function __invoke(LiftRequest $request, Run $run, MarkLift $mark): Response
    {
        $mark($run, $request->operationId(), $request->userId());

        return new Response('', 204);
    }
}
