<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use Chiralex\Table\Table;

/** A table of orders as it was read: its good orders, and its rows that are none. */
final readonly class OrderRows
{
    /**
     * @param list<array{order: NewOrder, rows: non-empty-list<int>}> $orders with every row good
     * @param list<array{row: int, number: string, field: string, says: string}> $faults of rows; an order with one is not among the orders
     * @param list<string> $unknown what the table calls articles that nobody sells here
     * @param bool $daysOpen some day can be read in two ways
     */
    public function __construct(
        public Table $table,
        public OrderColumns $columns,
        public array $orders,
        public array $faults,
        public array $unknown,
        public bool $daysOpen,
    ) {}
}
