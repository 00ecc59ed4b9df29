<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A mail that the stand-in would have sent.
 *
 * @property int $id
 * @property int $customer_id
 * @property string $subject
 * @property string $body
 * @property Carbon $created_at
 * @property-read Customer $customer
 */
final class Mail extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['customer_id', 'subject', 'body'];

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }
}
