<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use Illuminate\Foundation\Http\FormRequest;

/** A counted sample on the scale, and the whole heap. */
final class CountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sample' => ['required', 'integer', 'between:1,10000'],
            'sampleGrams' => ['required', 'numeric', 'min:0.001', 'max:100000'],
            'grams' => ['required', 'numeric', 'min:0', 'max:100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sample.*' => 'Count some pieces by hand: a whole number, at least 1.',
            'sampleGrams.*' => 'Weigh the counted pieces; write grams, above 0.',
            'grams.*' => 'Weigh all of them; write grams.',
        ];
    }
}
