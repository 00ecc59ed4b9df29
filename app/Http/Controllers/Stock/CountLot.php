<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Http\Requests\Stock\CountRequest;
use App\Models\Shop;
use Chiralex\Bagging\Weighing\SampleCount;
use Illuminate\Http\JsonResponse;

/** How many pieces a heap holds by its weight; nothing is booked. */
final readonly class CountLot
{
    public function __invoke(CountRequest $request): JsonResponse
    {
        $count = SampleCount::of(
            $request->integer('sample'),
            $request->float('sampleGrams'),
            $request->float('grams'),
            Shop::ours()->scale(),
        );

        return new JsonResponse([
            'count' => $count->count,
            'least' => $count->least,
            'most' => $count->most,
            'sample' => $count->sample,
        ]);
    }
}
