<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** Allocates kits to orders, frees them, ships them. */
final readonly class OrderBook
{
    public function __construct(private KitLedger $ledger) {}

    /** @throws ImpossibleMove when too few kits are on hand; nothing is allocated then */
    public function allocate(int $orderId, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($orderId, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            if ($this->ledger->has($operationId)) {
                return;
            }
            $chosen = [];
            foreach ($this->wanted($orderId) as [$kitId, $options, $wanted]) {
                // Another order may take the same kits meanwhile; the ledger refuses the second.
                $there = $wanted > 0 ? $this->ledger->onHand($kitId, $options, $wanted) : [];
                if (count($there) < $wanted) {
                    throw ImpossibleMove::notEnough(
                        trim((Row::first(DB::table('kits')->where('id', $kitId))?->text('name') ?? '') . " {$options}"),
                        $wanted,
                        count($there),
                    );
                }
                array_push($chosen, ...$there);
            }
            $this->ledger->enter($chosen, Whereabouts::Allocated, $operationId, $orderId, $userId);
            Audit::record($userId, 'order.allocate', null, ['order' => $orderId, 'units' => $chosen]);
        });
    }

    /** @throws ImpossibleMove when nothing is allocated */
    public function free(int $orderId, string $operationId, ?int $userId): void
    {
        $this->move($orderId, Whereabouts::Freed, $operationId, $userId, '');
    }

    /** @throws ImpossibleMove when nothing is allocated */
    public function ship(int $orderId, string $operationId, ?int $userId, string $tracking): void
    {
        $this->move($orderId, Whereabouts::Shipped, $operationId, $userId, $tracking);
    }

    /** @return array{number: string, placedOn: string, name: string, address: string, lines: list<array{kit: string, quantity: int, serials: list<string>}>} */
    public function slip(int $orderId): array
    {
        $order =
            Row::first(
                DB::table('orders')
                    ->join('customers', 'customers.id', '=', 'customer_id')
                    ->where('orders.id', $orderId),
            ) ?? abort(404, 'There is no such order.');
        $lines = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->join('kits', 'kits.id', '=', 'kit_id')
                    ->where('order_id', $orderId)
                    ->orderBy('order_lines.id')
                    ->select(['kit_id', 'kits.name', 'quantity', 'options']),
            ) as $line
        ) {
            $serials = Row::all(
                DB::table('unit_states')
                    ->join('units', 'units.id', '=', 'unit_id')
                    ->where('order_id', $orderId)
                    ->whereIn('entry', ['allocated', 'shipped'])
                    ->where('kit_id', $line->int('kit_id'))
                    ->where('options', $line->text('options'))
                    ->orderBy('serial')
                    ->select('serial'),
            );
            $lines[] = [
                'kit' => trim("{$line->text('name')} " . strtr($line->text('options'), ['=' => ': ', ';' => ', '])),
                'quantity' => $line->int('quantity'),
                'serials' => array_map(static fn(Row $row): string => $row->text('serial'), $serials),
            ];
        }

        return [
            'number' => $order->text('number'),
            'placedOn' => $order->text('placed_on'),
            'name' => $order->text('name'),
            'address' => $order->text('address'),
            'lines' => $lines,
        ];
    }

    /** @throws ImpossibleMove */
    private function move(int $orderId, Whereabouts $entry, string $operationId, ?int $userId, string $note): void
    {
        DB::transaction(function () use ($orderId, $entry, $operationId, $userId, $note): void {
            Locks::take('order', [$orderId]);
            if ($this->ledger->has($operationId)) {
                return;
            }
            $units = $this->allocated($orderId);
            if ($units === []) {
                throw ImpossibleMove::nothingAllocated(
                    Row::first(DB::table('orders')->where('id', $orderId))?->text('number') ?? '',
                );
            }
            $this->ledger->enter(
                $units,
                $entry,
                $operationId,
                $entry === Whereabouts::Shipped ? $orderId : null,
                $userId,
                mb_substr($note, 0, 200),
            );
            Audit::record($userId, "order.{$entry->value}", null, ['order' => $orderId, 'units' => $units]);
        });
    }

    /** @return list<int> */
    private function allocated(int $orderId): array
    {
        /** @var list<int> */
        return DB::table('unit_states')
            ->where('order_id', $orderId)
            ->where('entry', 'allocated')
            ->orderBy('unit_id')
            ->pluck('unit_id')
            ->all();
    }

    /** @return list<array{int, string, int}> kit, options, and how many are still to be allocated */
    private function wanted(int $orderId): array
    {
        $wanted = [];
        foreach (Row::all(DB::table('order_lines')->where('order_id', $orderId)) as $line) {
            $key = "{$line->int('kit_id')} {$line->text('options')}";
            $wanted[$key] = [
                $line->int('kit_id'),
                $line->text('options'),
                ($wanted[$key][2] ?? 0) + $line->int('quantity'),
            ];
        }
        $given = Row::all(
            DB::table('unit_states')
                ->where('order_id', $orderId)
                ->whereIn('entry', ['allocated', 'shipped'])
                ->groupBy('kit_id', 'options')
                ->selectRaw('kit_id, options, count(*) as n'),
        );
        foreach ($given as $row) {
            $key = "{$row->int('kit_id')} {$row->text('options')}";
            $wanted[$key] = [$row->int('kit_id'), $row->text('options'), ($wanted[$key][2] ?? 0) - $row->int('n')];
        }

        return array_values($wanted);
    }
}
