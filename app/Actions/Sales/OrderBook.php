<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Kit;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\UnitState;
use App\Support\Audit;
use App\Support\Locks;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** Allocates kits to orders, frees them, ships them. */
final readonly class OrderBook
{
    public function __construct(private UnitLedger $ledger) {}

    /** @throws ImpossibleMove when too few kits are on hand; nothing is allocated then */
    public function allocate(int $orderId, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($orderId, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            if ($this->ledger->has($operationId)) {
                return;
            }
            $chosen = [];
            foreach ($this->wanted($orderId) as [$kitId, $options, $size, $wanted]) {
                // Another order may take the same kits meanwhile; the ledger refuses the second.
                $there = match (true) {
                    $wanted <= 0 => [],
                    $size > 1 => $this->ledger->packsOnHand($kitId, $options, $size, $wanted),
                    default => array_map(
                        static fn(int $unit): array => [$unit],
                        $this->ledger->onHand($kitId, $options, $wanted),
                    ),
                };
                if (count($there) < $wanted) {
                    $name = Kit::query()->findOrFail($kitId)->name . ($size > 1 ? ", class pack of {$size}" : '');
                    throw ImpossibleMove::notEnough(trim("{$name} {$options}"), $wanted, count($there));
                }
                array_push($chosen, ...array_merge(...$there, ...[[]]));
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
                throw ImpossibleMove::nothingAllocated(Order::query()->findOrFail($orderId)->number);
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
        return UnitState::query()
            ->where('order_id', $orderId)
            ->where('entry', Whereabouts::Allocated)
            ->orderBy('unit_id')
            ->pluck('unit_id')
            ->all();
    }

    /** @return list<array{int, string, int, int}> kit, options, kits of a pack, and how many are still to be allocated */
    private function wanted(int $orderId): array
    {
        $wanted = [];
        foreach (OrderLine::query()->where('order_id', $orderId)->get() as $line) {
            $key = "{$line->kit_id} {$line->options} {$line->pack_size}";
            $before = $wanted[$key][3] ?? 0;
            $wanted[$key] = [$line->kit_id, $line->options, $line->pack_size, $before + $line->quantity];
        }
        $given = UnitState::query()
            ->with('unit.run')
            ->where('order_id', $orderId)
            ->whereIn('entry', [Whereabouts::Allocated, Whereabouts::Shipped])
            ->get();
        foreach ($given->groupBy(static fn(UnitState $unit): string => self::article($unit)) as $key => $units) {
            $first = $units->firstOrFail();
            $size = self::size($first);
            $before = $wanted[$key][3] ?? 0;
            $wanted[$key] = [$first->kit_id, $first->options, $size, $before - intdiv($units->count(), $size)];
        }

        return array_values($wanted);
    }

    private static function article(UnitState $unit): string
    {
        return "{$unit->kit_id} {$unit->options} " . self::size($unit);
    }

    /** @return int<1, max> kits of the sealed pack it lies in, 1 where it is single */
    private static function size(UnitState $unit): int
    {
        return $unit->sealed ? max(1, $unit->unit->run->pack_size) : 1;
    }
}
