<?php

declare(strict_types=1);

namespace App\Actions\Buying;

use App\Queries\Buying\OfferBook;
use App\Queries\Stock\PartNames;
use App\Support\Audit;
use App\Support\Row;
use Chiralex\Reason\Problem;
use Chiralex\Supply\Buying\MarketFiles;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use Illuminate\Support\Facades\DB;

/** Books what suppliers ask, from a table of offers or of suppliers; a row that cannot be used is named and the others are booked. */
final readonly class TakeOffers
{
    public function __construct(private PartNames $names, private OfferBook $book) {}

    /**
     * @return array{offers: int, suppliers: int, added: list<string>, problems: list<Problem>}
     * @throws UnreadableTable when it is no table, or a column is missing
     * @throws BuyingRefusal when it is neither of the two tables
     */
    public function __invoke(string $bytes, string $name, string $operationId, ?int $userId): array
    {
        $table = (new CsvReader())->read($bytes, $name);
        $headers = array_map(static fn(string $header): string => mb_strtolower(trim($header)), $table->headers);
        // A name of several parts is the name of none: the row is told as a stranger.
        $parts = array_map(
            static fn(array $prints): string => $prints[0],
            array_filter($this->names->all(), static fn(array $prints): bool => count($prints) === 1),
        );
        $prints = array_values(array_unique($parts));
        $places = array_flip($prints);
        $files = new MarketFiles(array_map(static fn(string $print): int => $places[$print], $parts));
        $problems = [];
        $isOffers = in_array('unit_price', $headers, true);
        if (!$isOffers && !in_array('shipping', $headers, true)) {
            throw BuyingRefusal::noTable($name);
        }
        $known = $this->book->suppliers();
        [$suppliers, $tariffs] = $isOffers
            ? $files->offers($table, array_values($known), false, $problems)
            : [$files->suppliers($table, $problems), []];

        return DB::transaction(function () use (
            $isOffers,
            $suppliers,
            $tariffs,
            $prints,
            $operationId,
            $userId,
            $problems,
        ): array {
            [$ids, $added] = $this->known($suppliers, $isOffers ? self::sellers($tariffs) : null);
            $count = 0;
            foreach ($tariffs as $place => $each) {
                foreach ($each as $tariff) {
                    $count += $this->offer($ids[$tariff->supplier], $prints[$place], $tariff, $operationId, $userId);
                }
            }
            Audit::record($userId, 'offers.take', null, ['offers' => $count, 'suppliers' => count($added)]);

            return [
                'offers' => $count,
                'suppliers' => $isOffers ? 0 : count($suppliers),
                'added' => $added,
                'problems' => $problems,
            ];
        });
    }

    /**
     * @param array<int, list<Tariff>> $tariffs
     * @return array<int, true> places of the suppliers who sell something that a kit has
     */
    private static function sellers(array $tariffs): array
    {
        $sell = [];
        foreach ($tariffs as $each) {
            foreach ($each as $tariff) {
                $sell[$tariff->supplier] = true;
            }
        }

        return $sell;
    }

    /**
     * @param list<Supplier> $suppliers
     * @param ?array<int, true> $sellers those of offers: others are not written down; null where the terms of all are written
     * @return array{array<int, int>, list<string>} ids by place, and the names of those who are new
     */
    private function known(array $suppliers, ?array $sellers): array
    {
        $ids = $added = [];
        foreach ($suppliers as $place => $supplier) {
            if ($sellers !== null && !isset($sellers[$place])) {
                continue;
            }
            $id = $this->id($supplier);
            if ($id === null) {
                $added[] = mb_substr($supplier->name, 0, 80);
            }
            $ids[$place] = $id === null || $sellers === null ? $this->write($id, $supplier) : $id;
        }

        return [$ids, $added];
    }

    private function id(Supplier $supplier): ?int
    {
        return Row::first(
            DB::table('suppliers')
                ->whereRaw('lower(name) = ?', [mb_strtolower(mb_substr($supplier->name, 0, 80))])
                ->select('id'),
        )?->int('id');
    }

    private function write(?int $id, Supplier $supplier): int
    {
        $terms = [
            'name' => mb_substr($supplier->name, 0, 80),
            'currency' => $supplier->currency,
            'shipping' => $supplier->shipping,
            'free_from' => $supplier->freeFrom,
            'least_order' => $supplier->leastOrder,
            'lead_days' => $supplier->leadDays,
            'updated_at' => now(),
        ];
        if ($id === null) {
            return DB::table('suppliers')->insertGetId($terms + ['created_at' => now()]);
        }
        DB::table('suppliers')
            ->where('id', $id)
            ->update($terms + ['version' => DB::raw('version + 1')]);

        return $id;
    }

    /** @return int 1 where it is news, 0 where the supplier asked just that before */
    private function offer(int $supplier, string $part, Tariff $tariff, string $operationId, ?int $userId): int
    {
        $breaks = array_map(
            static fn(array $each): array => ['from' => $each['from'], 'price' => (string) $each['price']],
            $tariff->breaks(),
        );
        $row = [
            'supplier_id' => $supplier,
            'fingerprint' => $part,
            'breaks' => json_encode($breaks, JSON_THROW_ON_ERROR),
            'minimum' => $tariff->minimum,
            'multiple' => $tariff->multiple,
            'available' => $tariff->available,
            'given_on' => now()->toDateString(),
        ];
        $before = Row::first(
            DB::table('offers')
                ->where('supplier_id', $supplier)
                ->where('fingerprint', $part)
                ->orderByDesc('given_on')
                ->orderByDesc('id')
                ->select(['breaks', 'minimum', 'multiple', 'available', 'given_on']),
        );
        $isSame =
            $before !== null &&
            json_decode($before->text('breaks'), true, 8, JSON_THROW_ON_ERROR) === $breaks &&
            [
                $before->int('minimum'),
                $before->int('multiple'),
                $before->intOrNull('available'),
                $before->text('given_on'),
            ] === [$tariff->minimum, $tariff->multiple, $tariff->available, now()->toDateString()];
        if ($isSame) {
            return 0;
        }
        DB::table('offers')->insert(
            $row + ['operation_id' => $operationId, 'user_id' => $userId, 'created_at' => now()],
        );

        return 1;
    }
}
