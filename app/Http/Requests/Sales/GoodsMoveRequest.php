<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;
use Chiralex\Trade\GoodsEntry;

/** Goods made, taken apart or thrown away. */
final class GoodsMoveRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'entry' => ['required', 'in:made,unmade,scrapped'],
            'quantity' => ['required', 'integer', 'between:1,1000'],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['quantity.*' => 'How many? A whole number from 1 to 1,000.'];
    }

    public function entry(): GoodsEntry
    {
        return GoodsEntry::tryFrom((string) $this->string('entry')) ?? GoodsEntry::Made;
    }

    /** @return int<1, 1000> */
    public function quantity(): int
    {
        return max(1, min(1000, $this->integer('quantity')));
    }
}
