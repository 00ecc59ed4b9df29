<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Actions\Buying\WriteSupplier;
use App\Http\Requests\Buying\RateRequest;
use App\Queries\Buying\OfferBook;
use Illuminate\Http\JsonResponse;

/** What a currency is worth from today. */
final readonly class WriteRate
{
    public function __invoke(RateRequest $request, WriteSupplier $write, OfferBook $book): JsonResponse
    {
        $write->rate($request->currency(), $request->rate(), $request->userId());

        return new JsonResponse($book->sheet(), 201);
    }
}
