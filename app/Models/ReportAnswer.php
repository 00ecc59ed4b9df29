<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An answer to a report.
 *
 * @property int $id
 * @property int $report_id
 * @property string $operation_id
 * @property string $text
 * @property ?int $user_id
 * @property Carbon $created_at
 * @property-read ?User $user
 */
final class ReportAnswer extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['report_id', 'operation_id', 'text', 'user_id'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
