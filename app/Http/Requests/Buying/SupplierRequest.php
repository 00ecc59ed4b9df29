<?php

declare(strict_types=1);

namespace App\Http\Requests\Buying;

use App\Actions\Sales\OrderCsv;
use App\Http\Requests\OperationRequest;

/** A supplier and the terms of an order there. */
final class SupplierRequest extends OperationRequest
{
    private const AMOUNT = 'regex:/^\d{1,7}(?:[.,]\d{1,2})?$/D';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'version' => ['nullable', 'integer'],
            'name' => ['required', 'string', 'max:80', 'not_regex:/[[:cntrl:]]/'],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'shipping' => ['nullable', 'string', self::AMOUNT],
            'freeFrom' => ['nullable', 'string', self::AMOUNT],
            'leastOrder' => ['nullable', 'string', self::AMOUNT],
            'leadDays' => ['nullable', 'integer', 'between:0,9999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Write who sells it, in one line.',
            'currency.*' => 'Write three letters, like EUR.',
            'shipping.*' => 'Write an amount like 4.50.',
            'freeFrom.*' => 'Write an amount like 50.00, or nothing where shipping is always paid.',
            'leastOrder.*' => 'Write an amount like 10.00, or nothing where there is no least order.',
            'leadDays.*' => 'Write whole days, or nothing where nobody knows.',
        ];
    }

    /** @return array{name: string, currency: string, shipping: int, free_from: ?int, least_order: ?int, lead_days: ?int} */
    public function terms(): array
    {
        $amount = fn(string $field): ?int => $this->filled($field)
            ? OrderCsv::minor((string) $this->string($field))
            : null;

        return [
            'name' => trim((string) $this->string('name')),
            'currency' => (string) $this->string('currency'),
            'shipping' => $amount('shipping') ?? 0,
            'free_from' => $amount('freeFrom'),
            'least_order' => $amount('leastOrder'),
            'lead_days' => $this->filled('leadDays') ? $this->integer('leadDays') : null,
        ];
    }
}
