<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

/** What an order shall want from now on. */
final class OrderChangeRequest extends OrderLinesRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'seen' => ['required', 'integer', 'min:0'],
            'note' => ['nullable', 'string', 'max:160'],
        ] +
            $this->lineRules();
    }
}
