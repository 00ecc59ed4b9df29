<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Order;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\GoodsEntry;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** What a customer sent back: kits wait to be looked through, goods lie in stock again; the order wants others, or no longer. */
final readonly class ReturnGoods
{
    public function __construct(private UnitLedger $ledger, private GoodsBook $goods) {}

    /**
     * @param list<string> $serials
     * @param array<int, int<1, max>> $goods article to how many came back
     * @param bool $again others are sent for them
     * @throws OrderConflict when one of them did not leave with the order
     */
    public function __invoke(
        int $orderId,
        array $serials,
        array $goods,
        bool $again,
        string $note,
        string $operationId,
        ?int $userId,
    ): void {
        DB::transaction(function () use ($orderId, $serials, $goods, $again, $note, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            if (DB::table('order_changes')->where('operation_id', $operationId)->exists()) {
                return;
            }
            $number = Order::query()->findOrFail($orderId)->number;
            [$units, $back] = $this->units($orderId, $number, $serials);
            $this->ledger->enter($units, Whereabouts::Returned, $operationId, null, $userId, mb_substr($note, 0, 200));
            foreach ($goods as $article => $quantity) {
                $shipped = DB::table('article_orders')
                    ->where('order_id', $orderId)
                    ->where('article_id', $article)
                    ->value('shipped');
                if ($shipped < $quantity) {
                    $title = Article::query()->findOrFail($article)->title();
                    throw OrderConflict::notShipped($number, "{$quantity} of {$title}");
                }
                $this->goods->enter($article, GoodsEntry::Returned, $quantity, $operationId, $orderId, $userId, $note);
                $back[$article] = $quantity;
            }
            $before = ChangeOrder::present($orderId);
            ChangeOrder::add(
                $orderId,
                'returned',
                $before,
                $again ? $before : self::without($before, $back),
                trim(($again ? 'another is sent. ' : '') . $note),
                $operationId,
                $userId,
            );
            Audit::record($userId, 'order.returned', null, [
                'order' => $orderId,
                'serials' => $serials,
                'goods' => $goods,
                'again' => $again,
            ]);
        });
    }

    /**
     * @param list<string> $serials
     * @return array{list<int>, array<int, int>} kits, and article to how many of it they are
     */
    private function units(int $orderId, string $number, array $serials): array
    {
        $units = $packs = $back = [];
        $known = [];
        foreach (
            Row::all(
                DB::table('unit_articles')
                    ->join('units', 'units.id', '=', 'unit_id')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->where('order_id', $orderId)
                    ->where('entry', Whereabouts::Shipped->value)
                    ->select(['unit_id', 'serial', 'article_id', 'pack_size', 'dealing', 'run_id', 'pack']),
            ) as $row
        ) {
            $known[$row->text('serial')] = $row;
        }
        foreach (array_unique($serials) as $serial) {
            $row = $known[$serial] ?? throw OrderConflict::notShipped($number, "Kit {$serial}");
            $units[] = $row->int('unit_id');
            $size = $row->int('pack_size');
            $pack = $row->text('dealing') === 'pupil' ? intdiv($row->int('pack'), $size) : $row->int('pack');
            $packs["{$row->int('article_id')} {$row->int('run_id')} {$pack}"][] = [$serial, $size];
        }
        foreach ($packs as $key => $kits) {
            [$serial, $size] = $kits[0];
            // Single kits of a run lie in its cells one by one; each is whole by itself.
            if (count($kits) % $size !== 0) {
                throw OrderConflict::wholePack($serial, $size);
            }
            $back[(int) $key] = ($back[(int) $key] ?? 0) + intdiv(count($kits), $size);
        }

        return [$units, $back];
    }

    /**
     * @param array<string, int> $sums by article, price and currency
     * @param array<int, int> $back
     * @return array<string, int>
     */
    private static function without(array $sums, array $back): array
    {
        foreach (array_reverse($sums) as $key => $quantity) {
            $taken = min($quantity, $back[(int) $key] ?? 0);
            $sums[$key] -= $taken;
            $back[(int) $key] = ($back[(int) $key] ?? 0) - $taken;
        }

        return array_filter($sums, static fn(int $quantity): bool => $quantity > 0);
    }
}
