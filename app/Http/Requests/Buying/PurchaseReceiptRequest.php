<?php

declare(strict_types=1);

namespace App\Http\Requests\Buying;

use App\Actions\Stock\ShelfCsv;
use App\Http\Requests\OperationRequest;
use Brick\Math\BigDecimal;

/** What came of a line of an order. */
final class PurchaseReceiptRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'lot' => [$this->closes() ? 'nullable' : 'required', 'string', 'max:40'],
            'quantity' => [
                'required',
                'string',
                'regex:/^\d{1,8}(?:[.,]\d{1,3})?$/',
                ...$this->closes() ? [] : ['not_regex:/^[0.,]*$/'],
            ],
            'isLast' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lot.required' =>
                'Write the code on the bag, or the day: without a lot nothing that went wrong can be traced.',
            'quantity.*' => 'Write how many came in, above 0, like 200.',
        ];
    }

    /** Nothing came, and nothing will: no lot is made of it. */
    private function closes(): bool
    {
        return $this->boolean('isLast') && $this->quantity()->isZero();
    }

    public function quantity(): BigDecimal
    {
        return ShelfCsv::number((string) $this->string('quantity')) ?? BigDecimal::zero();
    }
}
