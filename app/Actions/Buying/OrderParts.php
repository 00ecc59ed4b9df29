<?php

declare(strict_types=1);

namespace App\Actions\Buying;

use App\Actions\Stock\Receipt;
use App\Actions\Stock\ReceiveLots;
use App\Queries\Buying\Batches;
use App\Queries\Buying\BuyingSheet;
use App\Queries\Buying\OfferBook;
use App\Support\Audit;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Orders what the plan says, books what comes of it as lots, and calls an order off. */
final readonly class OrderParts
{
    public function __construct(private BuyingSheet $sheet, private OfferBook $book, private ReceiveLots $receive) {}

    /**
     * @param string $total what the person who orders has seen
     * @return int the order
     * @throws BuyingRefusal when the plan is another one by now, a currency has no worth, or nothing is needed
     */
    public function order(Batches $batches, string $total, string $operationId, ?int $userId): int
    {
        return DB::transaction(function () use ($batches, $total, $operationId, $userId): int {
            // Two who order at once: the second waits, and finds that what the first ordered is on its way.
            DB::statement('select pg_advisory_xact_lock(hashtext(?))', ['purchases']);
            $known = Row::first(DB::table('purchases')->where('operation_id', $operationId)->select('id'));

            return $known?->int('id') ?? $this->note($batches, $total, $operationId, $userId);
        });
    }

    /** @throws BuyingRefusal */
    private function note(Batches $batches, string $total, string $operationId, ?int $userId): int
    {
        /** @var array{total: string, currency: string, missing: list<array{supplier: string, currency: string}>, batches: list<array{kit: string, kits: int}>, lines: list<array{part: string, title: string, orders: list<array{supplierId: int, currency: string, pieces: int, unitPrice: string, cost: string}>}>} $plan */
        $plan = $this->sheet->of($batches);
        if ($plan['missing'] !== []) {
            throw BuyingRefusal::unpriced($plan['missing'][0]['supplier'], $plan['missing'][0]['currency']);
        }
        if ($plan['total'] !== $total) {
            throw BuyingRefusal::otherPlan($total, $plan['total']);
        }
        $rates = array_map(static fn(array $each): string => $each['text'], $this->book->rates());
        $lines = [];
        foreach ($plan['lines'] as $line) {
            foreach ($line['orders'] as $order) {
                $lines[] = [
                    'supplier_id' => $order['supplierId'],
                    'fingerprint' => $line['part'],
                    'title' => mb_substr($line['title'], 0, 190),
                    'pieces' => $order['pieces'],
                    'unit_price' => $order['unitPrice'],
                    'cost' => self::minor($order['cost']),
                    'rate' => $batches->rates[$order['currency']] ?? ($rates[$order['currency']] ?? '1'),
                ];
            }
        }
        if ($lines === []) {
            throw BuyingRefusal::nothing();
        }
        $id = DB::table('purchases')->insertGetId([
            'operation_id' => $operationId,
            'origins' => json_encode(
                array_map(static fn(array $each): string => "{$each['kits']} {$each['kit']}", $plan['batches']),
                JSON_THROW_ON_ERROR,
            ),
            'currency' => $plan['currency'],
            'total' => self::minor($plan['total']),
            'user_id' => $userId,
            'created_at' => now(),
        ]);
        DB::table('purchase_lines')->insert(
            array_map(static fn(array $line): array => $line + ['purchase_id' => $id], $lines),
        );
        Audit::record($userId, 'parts.order', null, ['purchase' => $id]);

        return $id;
    }

    /**
     * @param BigDecimal $quantity none where nothing of it came and nothing will
     * @param bool $isLast nothing more of the line will come
     * @return int the order it belongs to
     * @throws BuyingRefusal when the order was called off
     */
    public function receive(
        int $line,
        string $lot,
        BigDecimal $quantity,
        bool $isLast,
        string $operationId,
        ?int $userId,
    ): int {
        $of = Row::first(
            DB::table('purchase_lines')
                ->join('purchases', 'purchases.id', '=', 'purchase_id')
                ->join('suppliers', 'suppliers.id', '=', 'supplier_id')
                ->where('purchase_lines.id', $line)
                ->select(['purchase_id', 'fingerprint', 'unit_price', 'rate', 'name', 'cancelled_at']),
        );
        abort_if($of === null, 404, 'There is no such line; reload the page.');
        if ($of->has('cancelled_at')) {
            throw BuyingRefusal::cancelled($of->int('purchase_id'));
        }
        DB::transaction(function () use ($of, $line, $lot, $quantity, $isLast, $operationId, $userId): void {
            if (DB::table('purchase_receipts')->where('operation_id', $operationId)->exists()) {
                return;
            }
            $id = $quantity->isZero() ? null : $this->lot($of, $lot, $quantity, $operationId, $userId);
            DB::table('purchase_receipts')->insert([
                'operation_id' => $operationId,
                'purchase_line_id' => $line,
                'lot_id' => $id,
                'quantity' => (string) $quantity,
                'is_last' => $isLast,
                'user_id' => $userId,
                'created_at' => now(),
            ]);
        });

        return $of->int('purchase_id');
    }

    private function lot(Row $of, string $lot, BigDecimal $quantity, string $operationId, ?int $userId): int
    {
        $cost = BigDecimal::of($of->text('unit_price'))->multipliedBy($of->text('rate'));
        [$id] = ($this->receive)(
            [
                new Receipt(
                    $of->text('fingerprint'),
                    $lot,
                    $quantity,
                    $cost->toScale(8, RoundingMode::HALF_UP),
                    now()->toDateString(),
                    $of->text('name'),
                ),
            ],
            Uuid::uuid5($operationId, 'receipt')->toString(),
            $userId,
        );

        return $id;
    }

    /** @throws BuyingRefusal when something of it has come already */
    public function cancel(int $purchase, ?int $userId): void
    {
        DB::transaction(static function () use ($purchase, $userId): void {
            Row::first(DB::table('purchases')->where('id', $purchase)->lockForUpdate()) ??
                abort(404, 'There is no such order to a supplier; reload the page.');
            $came = DB::table('purchase_receipts')
                ->join('purchase_lines', 'purchase_lines.id', '=', 'purchase_line_id')
                ->where('purchase_id', $purchase)
                ->exists();
            if ($came) {
                throw BuyingRefusal::arrived($purchase);
            }
            DB::table('purchases')
                ->where('id', $purchase)
                ->whereNull('cancelled_at')
                ->update(['cancelled_at' => now()]);
            Audit::record($userId, 'parts.cancel', null, ['purchase' => $purchase]);
        });
    }

    private static function minor(string $amount): int
    {
        return BigDecimal::of($amount)->withPointMovedRight(2)->toInt();
    }
}
