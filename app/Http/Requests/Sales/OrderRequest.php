<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Actions\Sales\NewOrder;
use Illuminate\Database\Query\Builder;
use Illuminate\Validation\Rule;

/** An order typed in by hand. */
final class OrderRequest extends OrderLinesRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'number' => [
                'required',
                'string',
                'max:40',
                Rule::unique('orders', 'number')->where(
                    fn(Builder $known): Builder => $known->whereRaw('operation_id is distinct from ?', [
                        $this->comparable(),
                    ]),
                ),
            ],
            'placedOn' => ['required', 'date_format:Y-m-d'],
            'customer' => ['required', 'string', 'max:120'],
            'email' => ['nullable', 'email', 'max:190'],
            'address' => ['nullable', 'string', 'max:1000'],
        ] +
            $this->lineRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'number.required' => 'Give the order a number.',
            'number.unique' => 'That number is taken: the order is booked already.',
            'placedOn.*' => 'Write the date like 2026-11-25.',
            'customer.required' => 'Who ordered it?',
            'email.email' => 'That is no mail address; leave it empty if there is none.',
        ];
    }

    public function order(): NewOrder
    {
        $text = fn(string $field): string => trim((string) $this->string($field));

        return new NewOrder(
            $text('number'),
            $text('placedOn'),
            $text('customer'),
            $text('email'),
            $text('address'),
            $this->orderLines(),
        );
    }
}
