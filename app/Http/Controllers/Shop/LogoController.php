<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Actions\Report\KeepPhoto;
use App\Actions\Shop\WriteShop;
use App\Http\Requests\Shop\LogoRequest;
use App\Models\Shop;
use App\Queries\Shop\ShopSheet;
use App\Support\FileStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The picture that stands on what the shop prints. */
final readonly class LogoController
{
    public function show(FileStore $store): Response
    {
        $hash = Shop::ours()->logo ?? throw new NotFoundHttpException('The shop has no logo.');

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }

    public function store(LogoRequest $request, KeepPhoto $keep, WriteShop $write, ShopSheet $sheet): JsonResponse
    {
        $bytes = $request->file('logo')?->get();
        $write(['logo' => is_string($bytes) ? $keep($bytes) : null], $request->integer('version'), $request->userId());

        return new JsonResponse($sheet->shop());
    }
}
