<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * An order as it was taken; never changed once written. What became of it stands in {@see OrderState}.
 *
 * @property int $id
 * @property string $number
 * @property ?string $operation_id
 * @property int $customer_id
 * @property Carbon $placed_on
 * @property string $source `hand`, `csv`, or `report` for pieces that are sent
 * @property ?int $user_id
 * @property Carbon $created_at
 * @property-read Customer $customer
 * @property-read Collection<int, OrderLine> $lines
 */
final class Order extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'operation_id', 'customer_id', 'placed_on', 'source', 'user_id'];

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['placed_on' => 'date'];
    }
}
