<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Audit;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Books an order, once for its number. */
final readonly class TakeOrder
{
    /** @return array{id: int, new: bool} */
    public function __invoke(NewOrder $order, string $source, ?string $operationId, ?int $userId): array
    {
        return DB::transaction(function () use ($order, $source, $operationId, $userId): array {
            $known = DB::table('orders')
                ->where('number', $order->number)
                ->when(
                    $operationId !== null,
                    static fn(Builder $query): Builder => $query->orWhere('operation_id', $operationId),
                )
                ->value('id');
            if (is_int($known)) {
                return ['id' => $known, 'new' => false];
            }
            $id = DB::table('orders')->insertGetId([
                'number' => $order->number,
                'operation_id' => $operationId,
                'customer_id' => $this->customer($order),
                'placed_on' => $order->placedOn,
                'source' => $source,
                'user_id' => $userId,
                'created_at' => now(),
            ]);
            foreach ($order->lines as $line) {
                DB::table('order_lines')->insert([
                    'order_id' => $id,
                    'kit_id' => $line['kitId'],
                    'quantity' => $line['quantity'],
                    'unit_price' => $line['unitPrice'],
                    'currency' => $line['currency'],
                    'options' => $line['options'] ?? '',
                ]);
            }
            Audit::record($userId, 'order.take', null, ['order' => $id, 'number' => $order->number]);

            return ['id' => $id, 'new' => true];
        });
    }

    private function customer(NewOrder $order): int
    {
        $known =
            $order->email === ''
                ? null
                : DB::table('customers')
                    ->whereRaw('lower(email) = ?', [mb_strtolower($order->email)])
                    ->value('id');
        if (is_int($known)) {
            DB::table('customers')
                ->where('id', $known)
                ->whereNull('address')
                ->update(['address' => $order->address === '' ? null : $order->address]);

            return $known;
        }

        return DB::table('customers')->insertGetId([
            'name' => $order->name,
            'email' => $order->email === '' ? null : $order->email,
            'address' => $order->address === '' ? null : $order->address,
            'created_at' => now(),
            'updated_at' => now(),
        ]);
    }
}
