<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;

/** Which class pack to open. */
final class OpenPackRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kitId' => ['required', 'integer', 'exists:kits,id'],
            'packSize' => ['required', 'integer', 'in:5,10,20'],
            'options' => ['nullable', 'string', 'max:200'],
        ];
    }
}
