<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\ReceiveLots;
use App\Actions\Stock\ShelfCsv;
use App\Http\Requests\Sales\OrderFileRequest;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\UnusableFile;
use Illuminate\Http\JsonResponse;
use Ramsey\Uuid\Uuid;

/** Lots from a table; the same table twice is booked once. */
final readonly class ReceiveTable
{
    /**
     * @throws UnusableFile when the file is over the limit
     * @throws UnreadableTable when it is no table
     */
    public function __invoke(OrderFileRequest $request, ShelfCsv $csv, ReceiveLots $receive): JsonResponse
    {
        $bytes = $request->bytes();
        $receipts = $csv->read($bytes, $request->fileName(), now()->toDateString());
        $operation = Uuid::uuid5(Uuid::NAMESPACE_OID, hash('sha256', $bytes))->toString();

        return new JsonResponse(['received' => count($receive($receipts, $operation, $request->userId()))], 201);
    }
}
