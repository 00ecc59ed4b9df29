<?php

declare(strict_types=1);

namespace App\Models;

use App\Policies\Role;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Someone who signs in.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property bool $is_demo
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'role', 'is_demo'];

    protected $hidden = ['password'];

    /** No cookie outlives the session. */
    protected $rememberTokenName = '';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'is_demo' => 'boolean'];
    }
}
