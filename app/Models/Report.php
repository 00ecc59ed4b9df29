<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What a customer wrote; never changed once written.
 *
 * @property int $id
 * @property string $operation_id
 * @property string $likeness hash of release and words
 * @property ?int $release_id
 * @property ?int $unit_id
 * @property string $serial
 * @property string $step
 * @property ?int $step_number
 * @property string $text
 * @property string $symptom as the builder chose it; empty where they chose none
 * @property list<array{check: string, answer: string}> $checks what they answered on the page
 * @property ?int $customer_id
 * @property string $source
 * @property Carbon $created_at
 * @property-read ?Customer $customer
 * @property-read Collection<int, ReportAnswer> $answers
 */
final class Report extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'operation_id',
        'likeness',
        'release_id',
        'unit_id',
        'serial',
        'step',
        'step_number',
        'text',
        'symptom',
        'checks',
        'customer_id',
        'source',
        'created_at',
    ];

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['checks' => 'array'];
    }

    /** @return HasMany<ReportAnswer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(ReportAnswer::class);
    }
}
