<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One revision of a kit: which stored files it consists of, and how many edits it has seen.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property int $sequence version for If-Match
 * @property array<string, string> $files name in the kit folder to SHA-256 of the bytes
 * @property Carbon $updated_at
 * @property ?Carbon $put_aside_at
 * @property ?string $operation_id of the copy it was made by
 * @property-read Kit $kit
 */
final class Revision extends Model
{
    protected $fillable = ['kit_id', 'name', 'sequence', 'files', 'put_aside_at', 'operation_id'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['files' => 'array', 'sequence' => 'integer', 'put_aside_at' => 'datetime'];
    }
}
