<?php

declare(strict_types=1);

namespace App\Models;

use App\Policies\Role;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody asked to join; the link that was given them carries the token, of which only a hash is kept.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $token_hash
 * @property ?int $user_id who invited
 * @property CarbonInterface $until
 * @property ?CarbonInterface $used_at
 * @property ?CarbonInterface $withdrawn_at
 * @property CarbonInterface $created_at
 */
final class Invitation extends Model
{
    protected $fillable = ['name', 'email', 'role', 'token_hash', 'user_id', 'until', 'used_at', 'withdrawn_at'];

    protected $hidden = ['token_hash'];

    /** @return Builder<self> those whose link still opens */
    public static function open(): Builder
    {
        return self::query()->whereNull('used_at')->whereNull('withdrawn_at')->where('until', '>', now());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'until' => 'datetime',
            'used_at' => 'datetime',
            'withdrawn_at' => 'datetime',
        ];
    }
}
