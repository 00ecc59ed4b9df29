<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A bad lot that was stopped, with the kits that were held for it.
 *
 * @property int $id
 * @property string $operation_id
 * @property int $lot_id
 * @property ?int $user_id
 * @property ?User $user
 * @property string $note why
 * @property bool $held_lot it was not on hold before
 * @property Carbon $created_at
 * @property ?Carbon $taken_back_at
 */
final class LotStop extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['operation_id', 'lot_id', 'user_id', 'note', 'held_lot', 'taken_back_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['held_lot' => 'boolean', 'taken_back_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public static function ofLot(int $lotId): ?self
    {
        return self::query()->where('lot_id', $lotId)->whereNull('taken_back_at')->first();
    }
}
