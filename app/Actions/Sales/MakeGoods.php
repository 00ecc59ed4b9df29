<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Actions\Stock\Bins;
use App\Actions\Stock\ImpossibleLot;
use App\Models\Article;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Trade\GoodsEntry;
use Illuminate\Support\Facades\DB;

/** Makes goods of parts in stock, takes them apart again, or throws them away. */
final readonly class MakeGoods
{
    public function __construct(private GoodsBook $book, private Bins $bins) {}

    /**
     * @param int<1, max> $quantity
     * @throws ImpossibleMove when fewer are on hand, or it is a kit
     * @throws ImpossibleLot when a lot in a bin is on hold, or somebody doubts it
     */
    public function __invoke(
        Article $article,
        GoodsEntry $entry,
        int $quantity,
        string $operationId,
        ?int $userId,
        string $note = '',
    ): void {
        if (!$article->form->isGoods()) {
            throw ImpossibleMove::isKit($article->title());
        }
        DB::transaction(function () use ($article, $entry, $quantity, $operationId, $userId, $note): void {
            Locks::take('article', [$article->id]);
            if ($this->book->has($operationId)) {
                return;
            }
            $move = $this->book->enter($article->id, $entry, $quantity, $operationId, null, $userId, $note);
            foreach ($this->parts($article->id) as $part => $each) {
                $all = $each->multipliedBy($quantity);
                match ($entry) {
                    GoodsEntry::Made => $this->bins->take($part, $all, ['goods' => $move], $operationId, $userId),
                    GoodsEntry::Unmade => $this->bins->giveBackOf(
                        $article->id,
                        $part,
                        $all,
                        $move,
                        $operationId,
                        $userId,
                    ),
                    default => null,
                };
            }
            Audit::record($userId, "goods.{$entry->value}", null, [
                'article' => $article->id,
                'quantity' => $quantity,
            ]);
        });
    }

    /** @return array<int, BigDecimal> part in stock to what one of the goods needs of it */
    private function parts(int $article): array
    {
        $parts = [];
        foreach (
            Row::all(
                DB::table('article_parts')
                    ->where('article_id', $article)
                    ->orderBy('stock_part_id')
                    ->select(['stock_part_id', 'quantity']),
            ) as $row
        ) {
            $parts[$row->int('stock_part_id')] = BigDecimal::of($row->text('quantity'));
        }

        return $parts;
    }
}
