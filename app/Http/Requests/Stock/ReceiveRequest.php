<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use App\Actions\Stock\Receipt;
use App\Actions\Stock\ShelfCsv;
use App\Http\Requests\OperationRequest;
use Brick\Math\BigDecimal;

/** A lot that came in, typed by hand. */
final class ReceiveRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'fingerprint' => ['required', 'string', 'max:190'],
            'lot' => ['required', 'string', 'max:40'],
            'quantity' => ['required', 'regex:/^\d{1,8}(?:[.,]\d{1,3})?$/', 'not_regex:/^[0.,]*$/'],
            'unitCost' => ['nullable', 'regex:/^\d{1,8}(?:[.,]\d{1,8})?$/'],
            'receivedOn' => ['required', 'date_format:Y-m-d'],
            'supplier' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lot.required' => 'Write the code on the bag, or the day.',
            'quantity.*' => 'Write how many came in, above 0, like 200.',
            'unitCost.regex' => 'Write the price of one, like 0.0125.',
            'receivedOn.*' => 'Write the day like 2026-11-03.',
        ];
    }

    public function receipt(): Receipt
    {
        return new Receipt(
            (string) $this->string('fingerprint'),
            trim((string) $this->string('lot')),
            ShelfCsv::number((string) $this->string('quantity')) ?? BigDecimal::zero(),
            ShelfCsv::number((string) $this->string('unitCost')) ?? BigDecimal::zero(),
            (string) $this->string('receivedOn'),
            trim((string) $this->string('supplier')),
        );
    }
}
