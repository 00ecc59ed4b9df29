<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Actions\Buying\WriteSupplier;
use App\Http\Requests\Buying\SupplierRequest;
use App\Queries\Buying\OfferBook;
use Illuminate\Http\JsonResponse;

/** Who sells parts, on which terms, and what their money is worth. */
final readonly class SupplierController
{
    public function index(OfferBook $book): JsonResponse
    {
        return new JsonResponse($book->sheet());
    }

    public function store(SupplierRequest $request, WriteSupplier $write, OfferBook $book): JsonResponse
    {
        $write->supplier(null, $request->terms(), 0, $request->userId());

        return new JsonResponse($book->sheet(), 201);
    }

    public function update(SupplierRequest $request, int $supplier, WriteSupplier $write, OfferBook $book): JsonResponse
    {
        $write->supplier($supplier, $request->terms(), $request->integer('version'), $request->userId());

        return new JsonResponse($book->sheet());
    }
}
