<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Actions\Sales\OrderCsv;
use App\Http\Requests\OperationRequest;

/** What an article costs, empty where no price is set; or that it is not sold any more. */
final class ArticleChangeRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'version' => ['required', 'integer'],
            'price' => ['nullable', 'string', ...ArticleRequest::price()],
            'sold' => ['sometimes', 'boolean'],
        ];
    }

    public function minor(): ?int
    {
        $price = trim((string) $this->string('price'));

        return $price === '' ? null : OrderCsv::minor($price);
    }
}
