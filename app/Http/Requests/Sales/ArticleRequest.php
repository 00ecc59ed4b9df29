<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Actions\Sales\OrderCsv;
use App\Actions\Stock\ShelfCsv;
use App\Http\Requests\OperationRequest;
use App\Models\Shop;
use Chiralex\Trade\ArticleForm;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Validation\Rule;

/** An article made of parts in stock. */
final class ArticleRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'form' => ['required', 'in:' . implode(',', ArticleForm::goods())],
            'name' => [
                'required',
                'string',
                'max:120',
                static function (string $field, mixed $value, Closure $fail): void {
                    if (is_string($value) && preg_match('~[[:cntrl:]]~', $value) === 1) {
                        $fail('Write the name in one line.');
                    }
                },
                Rule::unique('articles', 'name')->where(
                    fn(Builder $known): Builder => $known->whereRaw('operation_id is distinct from ?', [
                        $this->comparable(),
                    ]),
                ),
                Rule::unique('kits', 'name'),
            ],
            'kitId' => ['nullable', 'integer', 'exists:kits,id'],
            'price' => ['nullable', 'string', ...self::price()],
            'parts' => ['required', 'array', 'between:1,100'],
            'parts.*.fingerprint' => ['required', 'string', 'max:190', 'distinct'],
            'parts.*.title' => ['required', 'string', 'max:190'],
            'parts.*.unit' => ['required', 'in:piece,mm'],
            'parts.*.quantity' => ['required', 'regex:/^\d{1,8}(?:[.,]\d{1,3})?$/', 'not_regex:/^[0.,]*$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Name the article as customers shall read it.',
            'name.unique' => 'An article or a kit has that name already.',
            'parts.required' => 'Say what one of it is made of.',
            'parts.*.fingerprint.distinct' => 'A part stands there twice; write its quantity once.',
            'parts.*.quantity.*' => 'Write how many of each part, above 0.',
        ];
    }

    public function form(): ArticleForm
    {
        return ArticleForm::tryFrom((string) $this->string('form')) ?? ArticleForm::Parcel;
    }

    public function minor(): ?int
    {
        $price = trim((string) $this->string('price'));

        return $price === '' ? null : OrderCsv::minor($price);
    }

    public function currency(): string
    {
        return Shop::ours()->currency;
    }

    /** @return list<array{fingerprint: string, title: string, quantity: string, unit: string}> */
    public function parts(): array
    {
        /** @var list<array{fingerprint: string, title: string, quantity: string|int|float, unit: string}> $parts */
        $parts = $this->validated('parts');

        return array_map(
            static fn(array $part): array => [
                'quantity' => (string) ShelfCsv::number((string) $part['quantity']),
            ] + $part,
            $parts,
        );
    }

    /** @return list<Closure> */
    public static function price(): array
    {
        return [
            static function (string $field, mixed $value, Closure $fail): void {
                if (is_string($value) && OrderCsv::minor(trim($value)) === null) {
                    $fail("Price \"{$value}\" is none; write it like 18.50.");
                }
            },
        ];
    }
}
