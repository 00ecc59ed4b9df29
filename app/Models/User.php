<?php

declare(strict_types=1);

namespace App\Models;

use App\Policies\Role;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Someone who signs in.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property bool $is_demo
 * @property ?CarbonInterface $left_at since when they may not sign in any more
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'role', 'is_demo', 'left_at'];

    protected $hidden = ['password'];

    /** No cookie outlives the session. */
    protected $rememberTokenName = '';

    /** @return Builder<self> those who may sign in */
    public static function present(): Builder
    {
        return self::query()->whereNull('left_at');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'is_demo' => 'boolean', 'left_at' => 'datetime'];
    }
}
