<?php

declare(strict_types=1);

namespace App\Http\Requests\Buying;

use App\Http\Requests\OperationRequest;
use App\Models\Shop;
use Closure;

/** What one of a currency is worth in that of the shop. */
final class RateRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'currency' => [
                'required',
                'string',
                'regex:/^[A-Z]{3}$/D',
                static function (string $field, mixed $value, Closure $fail): void {
                    if ($value === Shop::ours()->currency) {
                        $fail('That is the currency of the shop; it is worth one.');
                    }
                },
            ],
            'rate' => ['required', 'string', 'regex:/^\d{1,6}(?:[.,]\d{1,8})?$/D', 'not_regex:/^[0.,]*$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'currency.required' => 'Write three letters, like USD.',
            'currency.regex' => 'Write three letters, like USD.',
            'rate.*' => 'Write what one is worth, above 0, like 0.92.',
        ];
    }

    public function currency(): string
    {
        return (string) $this->string('currency');
    }

    public function rate(): string
    {
        return str_replace(',', '.', (string) $this->string('rate'));
    }
}
