<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Packing\RunState;
use App\Actions\Packing\StartRun;
use App\Actions\Sales\NewOrder;
use App\Actions\Sales\OrderBook;
use App\Actions\Sales\OrderCsv;
use App\Actions\Sales\PackedAs;
use App\Actions\Sales\TakeOrder;
use App\Actions\Sales\UnitLedger;
use App\Models\Release;
use App\Models\Unit;
use App\Queries\Sales\Parcel;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Batches packed, orders taken and shipped in the demo's invented past.
 *
 * @phpstan-import-type Batch from DemoHistory
 * @phpstan-import-type Sale from DemoHistory
 */
final readonly class DemoTrade
{
    private const CHUNK = 1000;
    /** Kits that are packed in a day. */
    private const A_DAY = 18;

    public function __construct(
        private StartRun $start,
        private RunState $states,
        private UnitLedger $ledger,
        private TakeOrder $take,
        private OrderBook $book,
        private Parcel $parcel,
        private DemoLots $lots,
    ) {}

    /**
     * @param list<Batch> $batches
     * @param list<Sale> $orders
     * @return array<string, array{serials: list<string>, at: Carbon, email: string, name: string}> by order number
     */
    public function play(Release $release, array $batches, array $orders, Carbon $now, ?int $userId): array
    {
        foreach ($batches as $batch) {
            Carbon::setTestNow($now->copy()->subDays($batch['daysAgo'])->setTime(9, 12));
            $this->pack($release, $batch, $userId);
        }
        $shipped = [];
        foreach ($orders as $order) {
            $day = $now->copy()->subDays($order['daysAgo'])->setTime(10, 5);
            Carbon::setTestNow($day);
            $taken = ($this->take)(
                new NewOrder(
                    $order['number'],
                    $day->toDateString(),
                    $order['customer'],
                    $order['email'],
                    $order['address'],
                    [
                        [
                            'article' => new PackedAs($release->revision->kit_id),
                            'quantity' => $order['quantity'],
                            'unitPrice' => OrderCsv::minor($order['price']) ?? 0,
                            'currency' => 'EUR',
                        ],
                    ],
                ),
                'csv',
                null,
                $userId,
            );
            if ($order['shippedAfter'] === null) {
                continue;
            }
            $sent = $day->copy()->addDays($order['shippedAfter']);
            Carbon::setTestNow($sent);
            $this->book->allocate($taken['id'], Uuid::uuid4()->toString(), $userId);
            $this->book->ship($taken['id'], Uuid::uuid4()->toString(), $userId, '');
            $shipped[$order['number']] = [
                'serials' => array_merge(...array_column($this->parcel->of($taken['id'])['lines'], 'serials')),
                'at' => $sent,
                'email' => $order['email'],
                'name' => $order['customer'],
            ];
        }

        return $shipped;
    }

    /** @param Batch $batch */
    private function pack(Release $release, array $batch, ?int $userId): void
    {
        $packs = $batch['packs'];
        $run = ($this->start)($release, $packs, $batch['size'], Uuid::uuid4()->toString(), $userId);
        $this->lots->pack($run, $batch['lots'] ?? [], $userId);
        $events = [];
        $at = Carbon::now();
        $usual = $at->format('y') . '-' . (300 + $run->id);
        /** @var list<array{item: array{designators: list<string>}}> $lines */
        $lines = $run->lines;
        foreach ($lines as $line => $kept) {
            $own = array_intersect_key($batch['lots'] ?? [], array_flip($kept['item']['designators']));
            $lot = array_column($own, 'lot')[0] ?? $usual;
            $events[] = $this->event($run->id, 'lot', $line, 0, $lot, $at, $userId);
            for ($pack = 0; $pack < $packs; ++$pack) {
                $at = $at->copy()->addSeconds(6);
                $events[] = $this->event($run->id, 'in', $line, $pack, '', $at, $userId);
            }
        }
        foreach (array_chunk($events, self::CHUNK) as $chunk) {
            DB::table('run_events')->insert($chunk);
        }
        $this->states->renew($run);
        /** @var list<int> $units */
        $units = Unit::query()->where('run_id', $run->id)->orderBy('id')->pluck('id')->all();
        // A batch takes some days.
        $began = Carbon::now();
        foreach (array_chunk($units, self::A_DAY) as $day => $packed) {
            Carbon::setTestNow($began->copy()->addDays($day)->setTime(16, 40));
            $this->ledger->enter($packed, Whereabouts::Packed, Uuid::uuid4()->toString(), null, $userId);
        }
    }

    /**
     * A run that lies ready to be packed.
     *
     * @param int<1, 500> $packs
     */
    public function begin(Release $release, int $packs, ?int $userId): void
    {
        ($this->start)($release, $packs, 1, Uuid::uuid4()->toString(), $userId);
    }

    /** @return array<string, int|string|Carbon|null> */
    private function event(int $run, string $action, int $line, int $pack, string $lot, Carbon $at, ?int $userId): array
    {
        return [
            'run_id' => $run,
            'operation_id' => Uuid::uuid4()->toString(),
            'action' => $action,
            'line' => $line,
            'pack' => $pack,
            'lot' => $lot,
            'user_id' => $userId,
            'created_at' => $at,
        ];
    }
}
