<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use ChiralexAdapters\UnusableFile;
use Illuminate\Support\Facades\DB;

/** Books every order of a table, or none; what is known already is left as it is. */
final readonly class BookTable
{
    public function __construct(private OrderCsv $csv, private TakeOrder $take) {}

    /**
     * @return array{booked: int, known: int}
     * @throws BadOrders when the table cannot be booked
     * @throws UnusableFile when the file is over the limit
     */
    public function __invoke(string $bytes, string $name, ?int $userId): array
    {
        $orders = $this->csv->read($bytes, $name);
        $new = DB::transaction(
            fn(): int => count(
                array_filter($orders, fn($order): bool => ($this->take)($order, 'csv', null, $userId)['new']),
            ),
        );

        return ['booked' => $new, 'known' => count($orders) - $new];
    }
}
