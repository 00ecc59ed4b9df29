<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Order;
use Chiralex\Table\Exception\UnreadableTable;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Books the good orders of a table, each whole; what is known already is left as it is, or changed where somebody wants that. */
final readonly class BookTable
{
    public function __construct(private OrderCsv $csv, private TakeOrder $take, private ChangeOrder $change) {}

    /**
     * @param bool $changes known orders that the table tells otherwise become as it says
     * @return array{booked: int, changed: int, known: int, differ: int, faults: list<string>}
     * @throws UnreadableTable when it is no table
     * @throws BadOrders when no order of it can be booked
     */
    public function __invoke(string $bytes, string $name, OrderReading $how, bool $changes, ?int $userId): array
    {
        $read = $this->csv->read($bytes, $name, $how);
        if ($read->columns->missing() !== []) {
            throw BadOrders::columns($name, $read->columns->missing());
        }
        $faults = array_map(
            static fn(array $fault): string => "{$name}, row {$fault['row']}, {$fault['field']}: {$fault['says']}",
            $read->faults,
        );
        if ($read->orders === []) {
            throw BadOrders::rows($faults === [] ? ["{$name} holds no orders."] : $faults);
        }
        SoldNames::keep($how->names);
        $told = OrderDifference::of(array_column($read->orders, 'order'));
        $counts = ['booked' => 0, 'changed' => 0, 'known' => 0, 'differ' => 0];
        foreach ($read->orders as ['order' => $order, 'rows' => $rows]) {
            $differs = ($told[$order->number] ?? []) !== [];
            if (!isset($told[$order->number])) {
                ++$counts[($this->take)($order, 'csv', null, $userId)['new'] ? 'booked' : 'known'];
            } elseif (!$differs || !$changes) {
                ++$counts[$differs ? 'differ' : 'known'];
            } else {
                try {
                    $this->becomes($order, hash('sha256', $bytes), $name, $userId);
                    ++$counts['changed'];
                } catch (OrderConflict $conflict) {
                    $faults[] = "{$name}, row {$rows[0]}: {$conflict->getMessage()}";
                }
            }
        }

        return $counts + ['faults' => $faults];
    }

    /** @throws OrderConflict when more has left than it would want */
    private function becomes(NewOrder $order, string $file, string $name, ?int $userId): void
    {
        $id = Order::query()->where('number', $order->number)->firstOrFail()->id;
        $this->change->to(
            $id,
            DB::table('order_changes')->where('order_id', $id)->count(),
            $order->lines,
            "from {$name}",
            Uuid::uuid5(Uuid::NAMESPACE_OID, "{$file} {$order->number}")->toString(),
            $userId,
        );
    }
}
