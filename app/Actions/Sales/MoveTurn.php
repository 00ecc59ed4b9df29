<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Order;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;

/** Puts an order before another in the row in which they are served. */
final readonly class MoveTurn
{
    private const PLACES = 24;

    /**
     * @param ?int $before the order that it shall stand before; null: at the end
     * @throws OrderConflict when one of the two is closed
     */
    public function __invoke(int $orderId, ?int $before, string $operationId, ?int $userId): void
    {
        DB::transaction(static function () use ($orderId, $before, $operationId, $userId): void {
            // One row of all orders: two who move at once move one after the other.
            Locks::take('order', [0]);
            if (DB::table('order_turns')->where('operation_id', $operationId)->exists()) {
                return;
            }
            $state = Row::first(DB::table('order_states')->where('order_id', $orderId)->select('closed'));
            if ($state === null || $state->flag('closed')) {
                throw OrderConflict::closed(Order::query()->findOrFail($orderId)->number);
            }
            if ($before === $orderId) {
                return;
            }
            DB::table('order_turns')->insert([
                'operation_id' => $operationId,
                'order_id' => $orderId,
                'turn' => (string) self::between($orderId, $before),
                'user_id' => $userId,
                'created_at' => now(),
            ]);
            Audit::record($userId, 'order.turn', null, ['order' => $orderId, 'before' => $before]);
        });
    }

    /** @throws OrderConflict */
    private static function between(int $orderId, ?int $before): BigDecimal
    {
        $others = DB::table('order_states')->where('closed', false)->where('order_id', '<>', $orderId);
        $next = $before === null ? null : (clone $others)->where('order_id', $before)->value('turn');
        $last = (clone $others)
            ->when($next !== null, static fn($query) => $query->where('turn', '<', $next))
            ->max('turn');
        if ($before !== null && !is_string($next)) {
            throw OrderConflict::closed(Order::query()->findOrFail($before)->number);
        }
        if (!is_string($next)) {
            return BigDecimal::of(is_string($last) ? $last : 0)->plus(1);
        }

        return is_string($last)
            ? BigDecimal::of($last)->plus($next)->dividedBy(2, self::PLACES, RoundingMode::HALF_UP)
            : BigDecimal::of($next)->minus(1);
    }
}
