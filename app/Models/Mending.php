<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Fault\Cause;
use Chiralex\Fault\JudgedCause;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was done about a cause of reports.
 *
 * @property int $id
 * @property string $operation_id
 * @property int $kit_id
 * @property Cause $cause
 * @property string $part the place of the cause; empty where it has none
 * @property string $place callout, order, bag, board, manual or part
 * @property ?int $revision_id kits of it and later ones are after it; null: kits shipped after the day
 * @property ?Revision $revision
 * @property ?User $user
 * @property Carbon $created_at
 * @property ?Carbon $taken_back_at
 */
final class Mending extends Model
{
    public const UPDATED_AT = null;
    /** Where a cause can be mended. */
    public const PLACES = ['callout', 'order', 'bag', 'board', 'manual', 'part'];

    protected $fillable = [
        'operation_id',
        'kit_id',
        'cause',
        'part',
        'place',
        'revision_id',
        'user_id',
        'taken_back_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['cause' => Cause::class, 'taken_back_at' => 'datetime'];
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** As reports name it. */
    public function name(): string
    {
        return (new JudgedCause($this->cause, $this->part, $this->cause->usualOrigin()))->name();
    }
}
