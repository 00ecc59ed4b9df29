<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Actions\Shop\WriteShop;
use App\Http\Requests\Shop\ShopRequest;
use App\Queries\Shop\ShopSheet;
use Illuminate\Http\JsonResponse;

/** Who we are, on paper and on the net. */
final readonly class ShopController
{
    public function show(ShopSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->shop());
    }

    public function update(ShopRequest $request, WriteShop $write, ShopSheet $sheet): JsonResponse
    {
        $write($request->facts(), $request->integer('version'), $request->userId());

        return new JsonResponse($sheet->shop());
    }
}
