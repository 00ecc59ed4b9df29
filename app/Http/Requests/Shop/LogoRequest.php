<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\OperationRequest;

/** The picture that stands on what the shop prints; none takes it away. */
final class LogoRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'version' => ['required', 'integer', 'min:0'],
            'logo' => ['sometimes', 'nullable', 'file', 'max:8192'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['logo.max' => 'The picture is larger than 8 MB; send a smaller one.'];
    }
}
