<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;

/** Before which order another shall be served; null: after all. */
final class TurnRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['before' => ['nullable', 'integer', 'exists:orders,id']];
    }
}
