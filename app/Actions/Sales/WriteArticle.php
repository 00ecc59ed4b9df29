<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Actions\Stock\StockParts;
use App\Models\Article;
use App\Support\Audit;
use Chiralex\Trade\ArticleForm;
use Illuminate\Support\Facades\DB;

/** Makes an article of parts in stock, prices it, takes it out of what is sold. */
final readonly class WriteArticle
{
    public function __construct(private StockParts $parts, private GoodsBook $book) {}

    /**
     * @param list<array{fingerprint: string, title: string, quantity: string, unit: string}> $parts what one of it is made of
     * @param ?int $price in minor units; null where none is set
     */
    public function make(
        ArticleForm $form,
        string $name,
        ?int $kitId,
        ?int $price,
        string $currency,
        array $parts,
        string $operationId,
        ?int $userId,
    ): Article {
        return DB::transaction(function () use (
            $form,
            $name,
            $kitId,
            $price,
            $currency,
            $parts,
            $operationId,
            $userId,
        ): Article {
            $known = Article::query()->where('operation_id', $operationId)->first();
            if ($known !== null) {
                return $known;
            }
            $article = Article::query()->create([
                'operation_id' => $operationId,
                'form' => $form,
                'kit_id' => $kitId,
                'name' => $name,
                'unit_price' => $price,
                'currency' => $price === null ? null : $currency,
            ]);
            foreach ($parts as $part) {
                DB::table('article_parts')->insert([
                    'article_id' => $article->id,
                    'stock_part_id' => $this->parts->ensure($part['fingerprint'], $part['title'], $part['unit']),
                    'quantity' => $part['quantity'],
                ]);
            }
            Audit::record($userId, 'article.make', null, ['article' => $article->id, 'name' => $name]);

            return $article;
        });
    }

    /**
     * Prices it, or takes it out of what is sold; orders that name it keep it.
     *
     * @param ?int $price in minor units; null where none is set
     * @throws ArticleConflict when somebody else changed it meanwhile, or some of it are still on hand
     */
    public function change(Article $article, int $seen, ?int $price, string $currency, bool $isSold, ?int $userId): void
    {
        DB::transaction(function () use ($article, $seen, $price, $currency, $isSold, $userId): void {
            $now = Article::query()->lockForUpdate()->findOrFail($article->id);
            if ($now->version !== $seen) {
                throw ArticleConflict::changed($now->title());
            }
            if (!$isSold && !$now->form->isGoods()) {
                throw ArticleConflict::isKit($now->title());
            }
            if (!$isSold && $this->book->onHand($now->id) > 0) {
                throw ArticleConflict::onHand($now->title());
            }
            $new = [
                'unit_price' => $price,
                'currency' => $price === null ? null : $currency,
                'retired_at' => $isSold ? null : now(),
            ];
            Audit::record(
                $userId,
                'article.change',
                ['article' => $now->id, 'price' => $now->unit_price, 'currency' => $now->currency],
                ['article' => $now->id, 'price' => $price, 'currency' => $new['currency'], 'sold' => $isSold],
            );
            $now->update($new + ['version' => $now->version + 1]);
        });
    }
}
