<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use Illuminate\Foundation\Http\FormRequest;

/** A bag and what it weighs, its empty bag taken off. */
final class WeighBagRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'bag' => ['required', 'string', 'max:4'],
            'grams' => ['required', 'numeric', 'between:0,100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['grams.*' => 'Write what the bag weighs, in grams, like 6.42.'];
    }
}
