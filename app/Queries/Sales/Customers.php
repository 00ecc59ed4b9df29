<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Customers by some letters of name or address; who was erased is nobody. */
final readonly class Customers
{
    /** @return array{customers: list<array{id: int, name: string, email: string, address: string, orders: int}>, page: int, pages: int, total: int} */
    public function page(Page $page): array
    {
        $query = DB::table('customers')->whereNull('erased_at');
        if ($page->search !== '') {
            $query->where(
                static fn(Builder $either): Builder => $either
                    ->where('customers.name', 'ilike', $page->pattern())
                    ->orWhere('email', 'ilike', $page->pattern()),
            );
        }
        $total = (clone $query)->count();
        $rows = Row::all(
            $page
                ->cut($query->orderByRaw('lower(customers.name), id'))
                ->selectRaw(
                    'id, name, email, address, (select count(*) from orders where customer_id = customers.id) as orders',
                ),
        );

        return [
            'customers' => array_map(
                static fn(Row $row): array => [
                    'id' => $row->int('id'),
                    'name' => $row->text('name'),
                    'email' => $row->textOrNull('email') ?? '',
                    'address' => $row->textOrNull('address') ?? '',
                    'orders' => $row->int('orders'),
                ],
                $rows,
            ),
        ] + $page->told($total);
    }
}
