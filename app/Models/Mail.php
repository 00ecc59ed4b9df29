<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A mail of ours to a customer.
 *
 * @property int $id
 * @property int $customer_id
 * @property string $subject
 * @property string $body
 * @property ?int $report_id
 * @property string $message_id without its brackets
 * @property string $in_reply_to Message-ID of the letter it answers; empty where there is none
 * @property MailStatus $status
 * @property string $fault why it was not sent; empty where it was
 * @property ?Carbon $due_at when it goes out, while it waits
 * @property ?string $picture of a callout that goes with it, by its hash
 * @property string $callout designator whose callout is drawn for it; empty where none is
 * @property ?int $lot_stop_id the bad lot it tells of
 * @property Carbon $created_at
 * @property-read Customer $customer
 */
final class Mail extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'customer_id',
        'subject',
        'body',
        'report_id',
        'message_id',
        'in_reply_to',
        'status',
        'fault',
        'due_at',
        'picture',
        'lot_stop_id',
        'callout',
    ];

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['status' => MailStatus::class, 'due_at' => 'datetime'];
    }
}
