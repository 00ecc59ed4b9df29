<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;

/** What came back of an order. */
final class ReturnRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'serials' => ['required_without:goods', 'array', 'max:1000'],
            'serials.*' => ['string', 'max:40'],
            'goods' => ['sometimes', 'array', 'max:60'],
            'goods.*.articleId' => ['required', 'integer', 'distinct'],
            'goods.*.quantity' => ['required', 'integer', 'between:1,999'],
            'again' => ['required', 'boolean'],
            'note' => ['nullable', 'string', 'max:160'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['serials.required_without' => 'Mark what came back.'];
    }

    /** @return list<string> */
    public function serials(): array
    {
        /** @var list<string> */
        return $this->validated('serials') ?? [];
    }

    /** @return array<int, int<1, max>> article to how many */
    public function goods(): array
    {
        /** @var list<array{articleId: int, quantity: int<1, max>}> $goods */
        $goods = $this->validated('goods') ?? [];

        return array_column($goods, 'quantity', 'articleId');
    }
}
