<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One entry of a revision's log of edits; never changed once written.
 *
 * @property int $id
 * @property int $revision_id
 * @property int $sequence
 * @property int $user_id
 * @property string $operation_id
 * @property list<array<string, mixed>> $change
 * @property list<array<string, mixed>> $inverse
 * @property ?int $undoes id of the edit it takes back
 * @property Carbon $created_at
 * @property-read User $user
 */
final class Edit extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['revision_id', 'sequence', 'user_id', 'operation_id', 'change', 'inverse', 'undoes'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array{sequence: int, by: string, at: string, change: list<array<string, mixed>>, undoes: ?int} */
    public function told(): array
    {
        return [
            'sequence' => $this->sequence,
            'by' => $this->user->name,
            'at' => $this->created_at->toIso8601String(),
            'change' => $this->change,
            'undoes' => $this->undoes,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['change' => 'array', 'inverse' => 'array'];
    }
}
