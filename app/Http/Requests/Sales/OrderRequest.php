<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Actions\Sales\NewOrder;
use App\Actions\Sales\OrderCsv;
use App\Actions\Sales\PackedAs;
use App\Http\Requests\OperationRequest;
use App\Http\Requests\Options;
use App\Models\Shop;
use Chiralex\Trade\Dealing;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Validation\Rule;

/** An order typed in by hand. */
final class OrderRequest extends OperationRequest
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
            'articleId' => ['required_without:kitId', 'integer', 'exists:articles,id'],
            'kitId' => ['required_without:articleId', 'integer', 'exists:kits,id'],
            'quantity' => ['required', 'integer', 'between:1,999'],
            'price' => [
                'nullable',
                'string',
                static function (string $field, mixed $value, Closure $fail): void {
                    if (is_string($value) && OrderCsv::minor(trim($value)) === null) {
                        $fail("Price \"{$value}\" is none; write it like 18.50.");
                    }
                },
            ],
            'currency' => ['nullable', 'regex:/^[A-Za-z]{3}$/'],
            'options' => ['nullable', 'string', 'max:200'],
            'packSize' => ['sometimes', 'integer', 'in:1,5,10,20'],
            'dealing' => ['sometimes', 'in:kind,pupil'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'number.required' => 'Give the order a number.',
            'number.unique' => 'That number is taken: the order is booked already.',
            'placedOn.*' => 'Write the date like 2026-11-25.',
            'customer.required' => 'Who ordered it?',
            'email.email' => 'That is no mail address; leave it empty if there is none.',
            'kitId.*' => 'Choose a kit from the Shelf, or an article.',
            'articleId.exists' => 'There is no such article any more; reload the page.',
            'quantity.*' => 'How many? A whole number from 1 to 999.',
            'currency.regex' => 'Write the currency with three letters, like EUR.',
        ];
    }

    public function order(): NewOrder
    {
        $text = fn(string $field): string => trim((string) $this->string($field));

        return new NewOrder($text('number'), $text('placedOn'), $text('customer'), $text('email'), $text('address'), [
            [
                'article' => $this->article(),
                'quantity' => $this->integer('quantity'),
                'unitPrice' => OrderCsv::minor($text('price')) ?? 0,
                'currency' => strtoupper($text('currency')) ?: Shop::ours()->currency,
            ],
        ]);
    }

    private function article(): int|PackedAs
    {
        return $this->has('articleId')
            ? $this->integer('articleId')
            : new PackedAs(
                $this->integer('kitId'),
                Options::of($this),
                max(1, $this->integer('packSize', 1)),
                Dealing::tryFrom((string) $this->string('dealing')) ?? Dealing::Single,
            );
    }
}
