<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A packing run: so many packs of so many kits each, and the lines as they were when it began.
 *
 * @property int $id
 * @property int $release_id
 * @property int<1, max> $packs
 * @property int $pack_size 1, or 5, 10, 20 for class packs
 * @property non-empty-list<array<string, mixed>> $lines
 * @property string $options what is chosen, empty for the defaults
 * @property Carbon $created_at
 * @property-read Release $release
 */
final class Run extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['release_id', 'operation_id', 'packs', 'pack_size', 'lines', 'options', 'user_id'];

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lines' => 'array', 'packs' => 'integer', 'pack_size' => 'integer', 'created_at' => 'datetime'];
    }
}
