<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\OperationRequest;

/** Somebody who was invited says their name and a password of their own. */
final class JoinRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'name' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', 'min:12', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.min' => 'The password has fewer than 12 characters; choose a longer one.'];
    }
}
