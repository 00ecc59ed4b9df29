<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\BookTable;
use App\Http\Requests\Sales\OrderFileRequest;
use ChiralexAdapters\UnusableFile;
use Illuminate\Http\JsonResponse;

/** Books orders from a table. */
final readonly class BookOrders
{
    /** @throws UnusableFile when the file is over the limit */
    public function __invoke(OrderFileRequest $request, BookTable $book): JsonResponse
    {
        return new JsonResponse(
            $book(
                $request->bytes(),
                $request->fileName(),
                $request->reading(),
                $request->boolean('changes'),
                $request->userId(),
            ),
            201,
        );
    }
}
