<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use Illuminate\Foundation\Http\FormRequest;

/** What of a kit's costs is put otherwise, and a price whose margin is asked. */
final class PriceTrialRequest extends FormRequest
{
    use NamesPriceFacts;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::factRules() + [
            'price' => ['nullable', 'string', 'regex:/^\d{1,6}(?:[.,]\d{1,2})?$/D', 'not_regex:/^[0.,]*$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::factMessages() + ['price.*' => 'Write a price above 0, like 24.50.'];
    }

    /** @return array<string, string> */
    public function tried(): array
    {
        return $this->said();
    }

    public function price(): ?string
    {
        return $this->filled('price') ? str_replace(',', '.', (string) $this->string('price')) : null;
    }
}
