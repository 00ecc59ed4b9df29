<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Actions\Shop\ShopFacts;
use App\Http\Requests\OperationRequest;

/** Who we are, on paper and on the net; what is left out stays as it is. */
final class ShopRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['version' => ['required', 'integer', 'min:0']] + ShopFacts::RULES;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ShopFacts::MESSAGES;
    }

    /** @return array<string, string|null> columns of the shop to what was typed */
    public function facts(): array
    {
        $said = [];
        foreach (array_keys(ShopFacts::RULES) as $field) {
            if ($this->has($field)) {
                $said[$field] = (string) $this->string($field);
            }
        }

        return ShopFacts::columns($said);
    }
}
