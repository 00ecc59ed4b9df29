<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Http\Requests\Kit\TryOrderRequest;
use App\Http\Requests\Options;
use App\Models\Revision;
use App\Queries\Kit\OrderTrial;
use Illuminate\Http\JsonResponse;

/** What a move would cost; nothing is saved. */
final readonly class TryOrder
{
    public function __invoke(TryOrderRequest $request, Revision $revision, OrderTrial $trial): JsonResponse
    {
        return new JsonResponse($trial->of($revision, $request->overrides(), Options::of($request)));
    }
}
