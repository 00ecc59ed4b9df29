<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One line of an order.
 *
 * @property int $id
 * @property int $order_id
 * @property int $kit_id
 * @property int $quantity kits, or class packs
 * @property int $pack_size kits of each: 1, or 5, 10, 20
 * @property int $unit_price in minor units
 * @property string $currency
 * @property string $options as `box=drilled;power=jack`
 * @property-read Kit $kit
 */
final class OrderLine extends Model
{
    public $timestamps = false;

    protected $fillable = ['order_id', 'kit_id', 'quantity', 'unit_price', 'currency', 'options', 'pack_size'];

    /** What a line sells, in words: the kit, its options, and of how many kits a class pack is. */
    public function article(): string
    {
        return trim(
            $this->kit->name .
                ($this->pack_size > 1 ? ", class pack of {$this->pack_size}" : '') .
                ' ' .
                strtr($this->options, ['=' => ': ', ';' => ', ']),
        );
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }
}
