<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;

/** An order that nobody wants any more. */
final class OrderCancelRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'seen' => ['required', 'integer', 'min:0'],
            'note' => ['nullable', 'string', 'max:160'],
        ];
    }
}
