<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Packing\OpenPack;
use App\Http\Requests\Options;
use App\Http\Requests\Packing\OpenPackRequest;
use Illuminate\Http\JsonResponse;

/** Opens a class pack; its kits are single ones from then on. */
final readonly class OpenClassPack
{
    public function __invoke(OpenPackRequest $request, OpenPack $open): JsonResponse
    {
        return new JsonResponse(
            [
                'serials' => $open(
                    $request->integer('kitId'),
                    Options::of($request),
                    $request->integer('packSize'),
                    $request->operationId(),
                    $request->userId(),
                ),
            ],
            201,
        );
    }
}
