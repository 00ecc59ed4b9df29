<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Order;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Books an order, once for its number. */
final readonly class TakeOrder
{
    public function __construct(private KnowCustomer $know, private KnowArticle $article) {}

    /** @return array{id: int, new: bool} */
    public function __invoke(NewOrder $order, string $source, ?string $operationId, ?int $userId): array
    {
        return DB::transaction(function () use ($order, $source, $operationId, $userId): array {
            $known = Order::query()->where('number', $order->number);
            $known = ($operationId === null ? $known : $known->orWhere('operation_id', $operationId))->first();
            if ($known !== null) {
                return ['id' => $known->id, 'new' => false];
            }
            $taken = Order::query()->create([
                'number' => $order->number,
                'operation_id' => $operationId,
                'customer_id' => ($this->know)($order->name, $order->email, $order->address)->id,
                'placed_on' => $order->placedOn,
                'source' => $source,
                'user_id' => $userId,
            ]);
            foreach ($order->lines as $line) {
                $taken->lines()->create([
                    'article_id' => is_int($line['article']) ? $line['article'] : ($this->article)($line['article']),
                    'quantity' => $line['quantity'],
                    'unit_price' => $line['unitPrice'],
                    'currency' => $line['currency'],
                ]);
            }
            Audit::record($userId, 'order.take', null, ['order' => $taken->id, 'number' => $order->number]);

            return ['id' => $taken->id, 'new' => true];
        });
    }
}
