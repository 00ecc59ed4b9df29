<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Somebody who bought a kit or wrote about one. Stands apart from ledger and reports, so that erasing touches no history.
 *
 * @property int $id
 * @property string $name
 * @property ?string $email
 * @property ?string $address
 * @property ?Carbon $erased_at
 */
final class Customer extends Model
{
    protected $fillable = ['name', 'email', 'address'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['erased_at' => 'datetime'];
    }

    /**
     * Those of them who can be written to.
     *
     * @param list<int> $ids
     * @return Builder<self>
     */
    public static function reachable(array $ids): Builder
    {
        return self::query()
            ->whereIn('id', $ids)
            ->whereNotNull('email')
            ->where('email', '<>', '')
            ->whereNull('erased_at');
    }
}
