<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Sales\KitLedger;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** Orders with what is allocated and shipped of them, and the kits on hand. */
final readonly class Sales
{
    private const MOVES = 300;

    public function __construct(private KitLedger $ledger) {}

    /** @return list<array<string, mixed>> open ones first, the oldest of them first */
    public function orders(): array
    {
        $moved = $lines = [];
        foreach (Row::all(DB::query()->fromSub($this->ledger->latest(), 'last')->whereNotNull('order_id')->groupBy('order_id', 'entry')->selectRaw('order_id, entry, count(*) as n')) as $row) {
            $moved[$row->int('order_id')][$row->text('entry')] = $row->int('n');
        }
        foreach (Row::all(DB::table('order_lines')->join('kits', 'kits.id', '=', 'kit_id')->orderBy('order_lines.id')->select(['order_id', 'kit_id', 'name', 'quantity', 'unit_price', 'currency', 'options'])) as $row) {
            $lines[$row->int('order_id')][] = ['kitId' => $row->int('kit_id'), 'kit' => $row->text('name'), 'quantity' => $row->int('quantity'), 'unitPrice' => $row->int('unit_price'), 'currency' => $row->text('currency'), 'options' => $row->text('options')];
        }
        $hand = $this->onHand();
        $orders = array_map(static fn(Row $row): array => self::order($row, $lines[$row->int('id')] ?? [], $moved[$row->int('id')] ?? [], $hand), Row::all(DB::table('orders')->join('customers', 'customers.id', '=', 'customer_id')->orderBy('placed_on')->orderBy('orders.id')->select(['orders.id', 'number', 'placed_on', 'name', 'erased_at'])));
        usort($orders, static fn(array $a, array $b): int => [$a['stage'] === 'shipped', $a['placedOn'], $a['id']] <=> [$b['stage'] === 'shipped', $b['placedOn'], $b['id']]);

        return $orders;
    }

    /** @return list<array{kitId: int, kit: string, onHand: int, allocated: int, shipped: int, wanted: int}> */
    public function stock(): array
    {
        $counts = $wanted = [];
        $rows = Row::all($this->ledger->ofKits()
            ->groupBy('revisions.kit_id', 'entry')->selectRaw('revisions.kit_id, entry, count(*) as n'));
        foreach ($rows as $row) {
            $counts[$row->int('kit_id')][$row->text('entry')] = $row->int('n');
        }
        foreach (Row::all(DB::table('order_lines')->groupBy('kit_id')->selectRaw('kit_id, sum(quantity) as n')) as $row) {
            $wanted[$row->int('kit_id')] = $row->int('n');
        }

        return array_map(static function (Row $kit) use ($counts, $wanted): array {
            $of = static fn(string ...$entries): int => array_sum(array_map(static fn(string $entry): int => $counts[$kit->int('id')][$entry] ?? 0, $entries));
            [$allocated, $shipped] = [$of('allocated'), $of('shipped')];

            return ['kitId' => $kit->int('id'), 'kit' => $kit->text('name'), 'onHand' => $of('packed', 'freed'), 'allocated' => $allocated, 'shipped' => $shipped, 'wanted' => max(0, ($wanted[$kit->int('id')] ?? 0) - $allocated - $shipped)];
        }, Row::all(DB::table('kits')->orderBy('name')));
    }

    /** @return array<string, int> kit and options to how many are on hand */
    private function onHand(): array
    {
        $hand = [];
        foreach (Row::all($this->ledger->ofKits()->whereIn('entry', ['packed', 'freed'])->groupBy('revisions.kit_id', 'runs.options')->selectRaw('revisions.kit_id, runs.options, count(*) as n')) as $row) {
            $hand["{$row->int('kit_id')} {$row->text('options')}"] = $row->int('n');
        }

        return $hand;
    }

    /** @return list<array<string, mixed>> the last moves of kits, the newest first */
    public function ledger(): array
    {
        $rows = Row::all(DB::table('kit_ledger')->join('units', 'units.id', '=', 'unit_id')->leftJoin('orders', 'orders.id', '=', 'order_id')->leftJoin('users', 'users.id', '=', 'kit_ledger.user_id')->orderByDesc('kit_ledger.id')->limit(self::MOVES)->select(['serial', 'entry', 'orders.number', 'users.name', 'note', 'kit_ledger.created_at']));

        return array_map(static fn(Row $row): array => ['serial' => $row->text('serial'), 'entry' => $row->text('entry'), 'order' => $row->textOrNull('number'), 'by' => $row->text('name'), 'note' => $row->text('note'), 'at' => $row->time('created_at')->toIso8601String()], $rows);
    }

    /**
     * @param list<array{kitId: int, kit: string, quantity: int, unitPrice: int, currency: string, options: string}> $lines
     * @param array<string, int> $moved entry to count of kits
     * @param array<string, int> $hand kit and options to how many are on hand
     * @return array{id: int, placedOn: string, stage: string, ...<string, mixed>}
     */
    private static function order(Row $order, array $lines, array $moved, array $hand): array
    {
        $wanted = array_sum(array_column($lines, 'quantity'));
        [$allocated, $shipped] = [$moved['allocated'] ?? 0, $moved['shipped'] ?? 0];
        $rest = $wanted - $allocated - $shipped;

        return [
            'id' => $order->int('id'), 'number' => $order->text('number'), 'placedOn' => $order->text('placed_on'), 'customer' => $order->has('erased_at') ? 'erased' : $order->text('name'), 'lines' => $lines,
            'wanted' => $wanted, 'allocated' => $allocated, 'shipped' => $shipped,
            'stage' => $shipped >= $wanted ? 'shipped' : ($rest > 0 ? 'open' : 'allocated'),
            'canAllocate' => $rest > 0 && array_filter($lines, static fn(array $line): bool => ($hand["{$line['kitId']} {$line['options']}"] ?? 0) < $line['quantity']) === [],
        ];
    }
}
