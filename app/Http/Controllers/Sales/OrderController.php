<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\BadOrders;
use App\Actions\Sales\ImpossibleMove;
use App\Actions\Sales\OrderBook;
use App\Actions\Sales\OrderCsv;
use App\Actions\Sales\TakeOrder;
use App\Http\Requests\PlainOperation;
use App\Http\Requests\Sales\OrderFileRequest;
use App\Http\Requests\Sales\OrderRequest;
use App\Queries\Page;
use App\Queries\Sales;
use App\Queries\Stock;
use ChiralexAdapters\UnusableFile;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Orders: taken by hand or from a table, allocated, freed, shipped. */
final readonly class OrderController
{
    public function __construct(private Sales $sales) {}

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->sales->orders(Page::of($request)));
    }

    public function stock(Request $request, Stock $stock): JsonResponse
    {
        return new JsonResponse($stock->kits(Page::of($request)));
    }

    public function moves(Request $request, Stock $stock): JsonResponse
    {
        return new JsonResponse($stock->moves(Page::of($request)));
    }

    public function store(OrderRequest $request, TakeOrder $take): JsonResponse
    {
        $taken = $take($request->order(), 'hand', $request->operationId(), $request->userId());

        return new JsonResponse($this->sales->order($taken['id']), 201);
    }

    /** @throws UnusableFile when the file is over the limit */
    public function import(OrderFileRequest $request, OrderCsv $csv, TakeOrder $take): JsonResponse
    {
        try {
            $orders = $csv->read($request->bytes(), $request->fileName());
        } catch (BadOrders $why) {
            return new JsonResponse(['message' => $why->getMessage()], 422);
        }
        $new = DB::transaction(
            static fn(): int => count(
                array_filter($orders, static fn($order): bool => $take($order, 'csv', null, $request->userId())['new']),
            ),
        );

        return new JsonResponse(['booked' => $new, 'known' => count($orders) - $new], 201);
    }

    public function allocate(PlainOperation $request, int $order, OrderBook $book): JsonResponse
    {
        return $this->moved($order, static function () use ($request, $order, $book): void {
            $book->allocate($order, $request->operationId(), $request->userId());
        });
    }

    public function free(PlainOperation $request, int $order, OrderBook $book): JsonResponse
    {
        return $this->moved($order, static function () use ($request, $order, $book): void {
            $book->free($order, $request->operationId(), $request->userId());
        });
    }

    public function ship(PlainOperation $request, int $order, OrderBook $book): JsonResponse
    {
        return $this->moved($order, static function () use ($request, $order, $book): void {
            $book->ship($order, $request->operationId(), $request->userId(), (string) $request->string('tracking'));
        });
    }

    /** @param Closure(): void $move */
    private function moved(int $order, Closure $move): JsonResponse
    {
        try {
            $move();
        } catch (ImpossibleMove $why) {
            return new JsonResponse(['message' => $why->getMessage()], 422);
        }

        return new JsonResponse($this->sales->order($order));
    }
}
