<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Models\Order;
use App\Models\OrderLine;
use Chiralex\Trade\Whereabouts;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What lies in the parcel of an order. */
final readonly class Parcel
{
    /** @return array{number: string, placedOn: string, name: string, address: string, lines: list<array{article: string, quantity: int, serials: list<string>}>, kits: list<int>} */
    public function of(int $orderId): array
    {
        $order =
            Order::query()
                ->with(['customer', 'lines.article.kit'])
                ->find($orderId) ?? abort(404, 'There is no such order.');
        $lines = $order->lines
            ->sortBy('id')
            ->groupBy('article_id')
            ->map(
                /** @param Collection<int, OrderLine> $same */
                fn(Collection $same): array => [
                    'article' => $same->firstOrFail()->article->title(),
                    'quantity' => $same->reduce(static fn(int $sum, OrderLine $line): int => $sum + $line->quantity, 0),
                    'serials' => $this->serials($order->id, $same->firstOrFail()),
                ],
            )
            ->filter(static fn(array $line): bool => $line['quantity'] > 0);

        return [
            'number' => $order->number,
            'placedOn' => $order->placed_on->toDateString(),
            'name' => $order->customer->name,
            'address' => $order->customer->address ?? '',
            'lines' => array_values($lines->all()),
            'kits' => array_values(
                array_unique(
                    array_filter(
                        $order->lines->map(static fn(OrderLine $line): ?int => $line->article->kit_id)->all(),
                        is_int(...),
                    ),
                ),
            ),
        ];
    }

    /** @return list<string> */
    private function serials(int $orderId, OrderLine $line): array
    {
        /** @var list<string> */
        return DB::table('unit_articles')
            ->join('units', 'units.id', '=', 'unit_id')
            ->where('order_id', $orderId)
            ->where('article_id', $line->article_id)
            ->whereIn('entry', [Whereabouts::Allocated->value, Whereabouts::Shipped->value])
            ->orderBy('serial')
            ->pluck('serial')
            ->all();
    }
}
