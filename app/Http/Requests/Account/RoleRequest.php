<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\OperationRequest;
use App\Policies\Role;
use Illuminate\Validation\Rule;

final class RoleRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['role' => ['required', Rule::enum(Role::class)]];
    }

    public function role(): Role
    {
        return Role::from((string) $this->string('role'));
    }
}
