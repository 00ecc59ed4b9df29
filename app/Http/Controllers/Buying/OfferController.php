<?php

declare(strict_types=1);

namespace App\Http\Controllers\Buying;

use App\Actions\Buying\BuyingRefusal;
use App\Actions\Buying\TakeOffers;
use App\Http\Requests\Sales\OrderFileRequest;
use App\Queries\Buying\OfferBook;
use App\Queries\Page;
use Chiralex\Reason\Problem;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Told;
use ChiralexRender\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ramsey\Uuid\Uuid;

/** What suppliers ask; the newest offer of each counts. */
final readonly class OfferController
{
    public function index(Request $request, OfferBook $book): JsonResponse
    {
        return new JsonResponse($book->page(Page::of($request)));
    }

    /**
     * @throws UnusableFile when the file is over the limit
     * @throws UnreadableTable when it is no table
     * @throws BuyingRefusal when it is another table
     */
    public function store(OrderFileRequest $request, TakeOffers $take): JsonResponse
    {
        $bytes = $request->bytes();
        $told = new Told(Words::english());
        $taken = $take(
            $bytes,
            $request->fileName(),
            Uuid::uuid5(Uuid::NAMESPACE_OID, hash('sha256', $bytes))->toString(),
            $request->userId(),
        );

        return new JsonResponse(
            [
                'problems' => array_map(
                    static fn(Problem $problem): array => $told->problem($problem),
                    $taken['problems'],
                ),
            ] + $taken,
            201,
        );
    }
}
