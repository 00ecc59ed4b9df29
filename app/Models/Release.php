<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A revision as it was released; never changes.
 *
 * @property int $id
 * @property int $revision_id
 * @property string $operation_id
 * @property string $code letters of its serial numbers
 * @property array<string, string> $files
 * @property string $core version of the code that computed it
 * @property ?int $user_id
 * @property Carbon $created_at
 * @property-read Revision $revision
 */
final class Release extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['revision_id', 'operation_id', 'code', 'files', 'core', 'user_id'];

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['files' => 'array', 'created_at' => 'datetime'];
    }
}
