<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Fault\Letter\LetterKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A letter that came in; never changed once written. Whose it is stands apart, and so do its bytes.
 *
 * @property int $id
 * @property string $operation_id made of its bytes
 * @property string $source
 * @property LetterKind $kind
 * @property string $message_id without its brackets; empty where it has none
 * @property string $subject
 * @property string $text own words of the writer
 * @property string $folded what they quote, and their signature
 * @property list<array<string, string>> $flags what is odd about it, each with its `code`
 * @property ?int $customer_id
 * @property ?int $mail_id the mail of ours that came back
 * @property ?int $user_id who brought it in
 * @property Carbon $written_at
 * @property Carbon $created_at
 * @property-read ?Customer $customer
 */
final class Letter extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'operation_id',
        'source',
        'kind',
        'message_id',
        'subject',
        'text',
        'folded',
        'flags',
        'customer_id',
        'mail_id',
        'user_id',
        'written_at',
    ];

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => LetterKind::class, 'flags' => 'array', 'written_at' => 'datetime'];
    }
}
