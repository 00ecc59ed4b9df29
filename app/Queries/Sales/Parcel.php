<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\UnitState;
use Chiralex\Trade\Whereabouts;

/** What lies in the parcel of an order. */
final readonly class Parcel
{
    /** @return array{number: string, placedOn: string, name: string, address: string, lines: list<array{kit: string, quantity: int, serials: list<string>}>, kits: list<int>} */
    public function of(int $orderId): array
    {
        $order =
            Order::query()
                ->with(['customer', 'lines.kit'])
                ->find($orderId) ?? abort(404, 'There is no such order.');
        $lines = $order->lines->sortBy('id')->map(
            fn(OrderLine $line): array => [
                'kit' => $line->article(),
                'quantity' => $line->quantity,
                'serials' => $this->serials($order->id, $line),
            ],
        );

        return [
            'number' => $order->number,
            'placedOn' => $order->placed_on->toDateString(),
            'name' => $order->customer->name,
            'address' => $order->customer->address ?? '',
            'lines' => array_values($lines->all()),
            'kits' => array_values(
                array_unique($order->lines->map(static fn(OrderLine $line): int => $line->kit_id)->all()),
            ),
        ];
    }

    /** @return list<string> */
    private function serials(int $orderId, OrderLine $line): array
    {
        $units = UnitState::query()
            ->with('unit.run')
            ->where('order_id', $orderId)
            ->whereIn('entry', [Whereabouts::Allocated, Whereabouts::Shipped])
            ->where('kit_id', $line->kit_id)
            ->where('options', $line->options)
            ->where('sealed', $line->pack_size > 1)
            ->get()
            ->filter(
                static fn(UnitState $each): bool => $line->pack_size === 1 ||
                    $each->unit->run->pack_size === $line->pack_size,
            );
        $serials = array_values($units->map(static fn(UnitState $each): string => $each->unit->serial)->all());
        sort($serials);

        return $serials;
    }
}
