<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One line of an order: so many of one article.
 *
 * @property int $id
 * @property int $order_id
 * @property int $article_id
 * @property int $quantity
 * @property int $unit_price in minor units
 * @property string $currency
 * @property-read Article $article
 */
final class OrderLine extends Model
{
    public $timestamps = false;

    protected $fillable = ['order_id', 'article_id', 'quantity', 'unit_price', 'currency'];

    /** @return BelongsTo<Article, $this> */
    public function article(): BelongsTo
    {
        return $this->belongsTo(Article::class);
    }
}
