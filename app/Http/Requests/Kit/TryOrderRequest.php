<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Chiralex\Kit\OrderOverride;
use Illuminate\Foundation\Http\FormRequest;

/** Order overrides to try. */
final class TryOrderRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'overrides' => ['present', 'array', 'max:200'],
            'overrides.*.parts' => ['required', 'array', 'min:1'],
            'overrides.*.parts.*' => ['string', 'max:60'],
            'overrides.*.after' => ['present', 'array'],
            'overrides.*.after.*' => ['string', 'max:60'],
            'overrides.*.sameStep' => ['required', 'boolean'],
            'options' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return list<OrderOverride> */
    public function overrides(): array
    {
        /** @var list<array{parts: list<string>, after: list<string>, sameStep: bool}> $overrides validated above */
        $overrides = array_values((array) $this->input('overrides', []));

        return array_map(
            static fn(array $each): OrderOverride => new OrderOverride(
                $each['parts'],
                $each['after'],
                $each['sameStep'],
            ),
            $overrides,
        );
    }
}
