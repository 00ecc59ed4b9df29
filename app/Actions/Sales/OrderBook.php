<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\UnitState;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\GoodsEntry;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/** Allocates kits and goods to orders, frees them, ships them. */
final readonly class OrderBook
{
    public function __construct(private UnitLedger $ledger, private GoodsBook $goods) {}

    /** @throws ImpossibleMove when too little is on hand; nothing is allocated then */
    public function allocate(int $orderId, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($orderId, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            if ($this->has($operationId)) {
                return;
            }
            $chosen = $goods = [];
            foreach ($this->wanted($orderId) as [$article, $wanted]) {
                if ($article->form->isGoods()) {
                    $goods[$article->id] = $wanted;
                    $this->goods->enter($article->id, GoodsEntry::Allocated, $wanted, $operationId, $orderId, $userId);
                    continue;
                }
                // Another order may take the same kits meanwhile; the ledger refuses the second.
                $there = $this->ledger->ofArticle($article, $wanted);
                if (count($there) < $wanted) {
                    throw ImpossibleMove::notEnough($article->title(), $wanted, count($there));
                }
                array_push($chosen, ...array_merge(...$there, ...[[]]));
            }
            $this->ledger->enter($chosen, Whereabouts::Allocated, $operationId, $orderId, $userId);
            Audit::record($userId, 'order.allocate', null, [
                'order' => $orderId,
                'units' => $chosen,
                'goods' => $goods,
            ]);
        });
    }

    /** @throws ImpossibleMove when nothing is allocated */
    public function free(int $orderId, string $operationId, ?int $userId): void
    {
        $this->move($orderId, Whereabouts::Freed, GoodsEntry::Freed, $operationId, $userId);
    }

    /** @throws ImpossibleMove when nothing is allocated */
    public function ship(int $orderId, string $operationId, ?int $userId, string $tracking): void
    {
        DB::transaction(function () use ($orderId, $operationId, $userId, $tracking): void {
            $this->move($orderId, Whereabouts::Shipped, GoodsEntry::Shipped, $operationId, $userId);
            $this->track($orderId, $tracking, $operationId, $userId);
        });
    }

    /** By which number the carrier knows the parcel; the last one said counts, none is not noted. */
    public function track(int $orderId, string $tracking, string $operationId, ?int $userId): void
    {
        if (trim($tracking) === '') {
            return;
        }
        DB::table('order_changes')->insertOrIgnore([
            'operation_id' => $operationId,
            'order_id' => $orderId,
            'kind' => 'tracked',
            'note' => mb_substr(trim($tracking), 0, 200),
            'user_id' => $userId,
            'created_at' => now(),
        ]);
    }

    /** @throws ImpossibleMove */
    private function move(int $orderId, Whereabouts $entry, GoodsEntry $like, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($orderId, $entry, $like, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            if ($this->has($operationId)) {
                return;
            }
            $units = $this->allocated($orderId);
            $goods = $this->goodsAside($orderId);
            if ($units === [] && $goods === []) {
                throw ImpossibleMove::nothingAllocated(Order::query()->findOrFail($orderId)->number);
            }
            $this->ledger->enter(
                $units,
                $entry,
                $operationId,
                $entry === Whereabouts::Shipped ? $orderId : null,
                $userId,
            );
            foreach ($goods as $article => $quantity) {
                $this->goods->enter($article, $like, $quantity, $operationId, $orderId, $userId);
            }
            Audit::record($userId, "order.{$entry->value}", null, [
                'order' => $orderId,
                'units' => $units,
                'goods' => $goods,
            ]);
        });
    }

    private function has(string $operationId): bool
    {
        return $this->ledger->has($operationId) || $this->goods->has($operationId);
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

    /** @return array<int, int<1, max>> article to how many of it are set aside */
    private function goodsAside(int $orderId): array
    {
        $aside = [];
        foreach (
            Row::all(
                DB::table('article_orders')
                    ->where('order_id', $orderId)
                    ->where('allocated', '>', 0)
                    ->orderBy('article_id')
                    ->select(['article_id', 'allocated']),
            ) as $row
        ) {
            $aside[$row->int('article_id')] = max(1, $row->int('allocated'));
        }

        return $aside;
    }

    /**
     * @param non-empty-list<'allocated'|'shipped'> $how
     * @return array<int, int> article to how many of it are set aside for the order, shipped with it, or both
     */
    public function given(int $orderId, array $how): array
    {
        $given = [];
        foreach (
            Row::all(
                DB::table('unit_articles')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->where('order_id', $orderId)
                    ->whereIn('entry', $how)
                    ->groupBy('article_id', 'pack_size')
                    ->selectRaw('article_id, count(*) / pack_size as n')
                    ->unionAll(
                        DB::table('article_orders')
                            ->where('order_id', $orderId)
                            ->selectRaw('article_id, ' . implode(' + ', $how) . ' as n'),
                    ),
            ) as $row
        ) {
            $given[$row->int('article_id')] = $row->int('n');
        }

        return $given;
    }

    /** @return list<array{Article, int<1, max>}> articles with how many are still to be allocated */
    private function wanted(int $orderId): array
    {
        $given = $this->given($orderId, ['allocated', 'shipped']);
        $wanted = $articles = [];
        foreach (
            OrderLine::query()->with('article.kit')->where('order_id', $orderId)->orderBy('article_id')->get() as $line
        ) {
            $articles[$line->article_id] = $line->article;
            $wanted[$line->article_id] = ($wanted[$line->article_id] ?? 0) + $line->quantity;
        }
        $open = [];
        foreach ($articles as $id => $article) {
            $left = $wanted[$id] - ($given[$id] ?? 0);
            if ($left > 0) {
                $open[] = [$article, $left];
            }
        }

        return $open;
    }
}
