<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Packing\OpenPack;
use App\Http\Requests\Packing\OpenPackRequest;
use App\Models\Article;
use Illuminate\Http\JsonResponse;

/** Opens a class pack; its kits are single ones from then on. */
final readonly class OpenClassPack
{
    public function __invoke(OpenPackRequest $request, OpenPack $open): JsonResponse
    {
        return new JsonResponse(
            [
                'serials' => $open(
                    Article::query()->findOrFail($request->integer('articleId')),
                    $request->operationId(),
                    $request->userId(),
                ),
            ],
            201,
        );
    }
}
