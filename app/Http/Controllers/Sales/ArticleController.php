<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\WriteArticle;
use App\Http\Requests\Sales\ArticleChangeRequest;
use App\Http\Requests\Sales\ArticleRequest;
use App\Models\Article;
use App\Models\Shop;
use App\Queries\Page;
use App\Queries\Sales\Articles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the shop sells. */
final readonly class ArticleController
{
    public function index(Request $request, Articles $articles): JsonResponse
    {
        return new JsonResponse($articles->page(Page::of($request)));
    }

    public function store(ArticleRequest $request, WriteArticle $write, Articles $articles): JsonResponse
    {
        $made = $write->make(
            $request->form(),
            trim((string) $request->string('name')),
            $request->has('kitId') ? $request->integer('kitId') : null,
            $request->minor(),
            $request->currency(),
            $request->parts(),
            $request->operationId(),
            $request->userId(),
        );

        return new JsonResponse($articles->article($made->id), 201);
    }

    /** Prices it, or takes it out of what is sold. */
    public function update(
        ArticleChangeRequest $request,
        Article $article,
        WriteArticle $write,
        Articles $articles,
    ): JsonResponse {
        $write->change(
            $article,
            $request->integer('version'),
            $request->minor(),
            Shop::ours()->currency,
            $request->boolean('sold', true),
            $request->userId(),
        );

        return new JsonResponse($articles->article($article->id));
    }
}
