<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A kit in the range.
 *
 * @property int $id
 * @property string $name
 * @property ?Carbon $put_aside_at
 */
final class Kit extends Model
{
    protected $fillable = ['name', 'put_aside_at'];

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['put_aside_at' => 'datetime'];
    }
}
