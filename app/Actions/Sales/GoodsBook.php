<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Support\Locks;
use Chiralex\Trade\GoodsEntry;
use Illuminate\Support\Facades\DB;

/** The append-only book of goods; the database keeps what is on hand, set aside and shipped beside it. */
final readonly class GoodsBook
{
    /**
     * Writes one row for an article.
     *
     * @param int<1, max> $quantity
     * @return int the row
     * @throws ImpossibleMove when fewer are on hand than leave it
     */
    public function enter(
        int $article,
        GoodsEntry $entry,
        int $quantity,
        string $operationId,
        ?int $orderId,
        ?int $userId,
        string $note = '',
    ): int {
        return DB::transaction(function () use (
            $article,
            $entry,
            $quantity,
            $operationId,
            $orderId,
            $userId,
            $note,
        ): int {
            Locks::take('article', [$article]);
            $leaves = in_array($entry, [GoodsEntry::Unmade, GoodsEntry::Allocated, GoodsEntry::Scrapped], true);
            $there = $this->onHand($article);
            if ($leaves && $there < $quantity) {
                throw ImpossibleMove::tooFewGoods(Article::query()->findOrFail($article)->title(), $quantity, $there);
            }

            return DB::table('article_moves')->insertGetId([
                'article_id' => $article,
                'operation_id' => $operationId,
                'entry' => $entry->value,
                'quantity' => $quantity,
                'order_id' => $orderId,
                'user_id' => $userId,
                'note' => mb_substr($note, 0, 200),
                'created_at' => now(),
            ]);
        });
    }

    public function has(string $operationId): bool
    {
        return DB::table('article_moves')->where('operation_id', $operationId)->exists();
    }

    public function onHand(int $article): int
    {
        $there = DB::table('article_states')->where('article_id', $article)->value('on_hand');

        return is_int($there) ? $there : 0;
    }
}
