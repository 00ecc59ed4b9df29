<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\MakeGoods;
use App\Http\Requests\Sales\GoodsMoveRequest;
use App\Models\Article;
use App\Queries\Sales\Articles;
use Illuminate\Http\JsonResponse;

/** Makes goods, takes them apart, throws them away. */
final readonly class MoveGoods
{
    public function __invoke(
        GoodsMoveRequest $request,
        Article $article,
        MakeGoods $make,
        Articles $articles,
    ): JsonResponse {
        $make(
            $article,
            $request->entry(),
            $request->quantity(),
            $request->operationId(),
            $request->userId(),
            trim((string) $request->string('note')),
        );

        return new JsonResponse($articles->article($article->id), 201);
    }
}
