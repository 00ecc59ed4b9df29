<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Devices\SimulatedScale;
use App\Http\Requests\Packing\PlayRequest;
use Illuminate\Http\JsonResponse;

/** Plays with the simulated scale: takes from its bin, pours in, lets it creep. */
final readonly class PlayScale
{
    public function __invoke(PlayRequest $request): JsonResponse
    {
        $scale = new SimulatedScale(config()->integer('app.scale_port'));
        $heard = $scale->play((string) $request->string('deed'), (float) $request->float('grams'));

        return $heard
            ? new JsonResponse(['done' => true])
            : new JsonResponse(['message' => 'The simulated scale does not answer; it starts with bin/start.'], 422);
    }
}
