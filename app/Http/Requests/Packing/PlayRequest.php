<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use Illuminate\Foundation\Http\FormRequest;

/** What is done to the simulated scale. */
final class PlayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'deed' => ['required', 'in:take,put,bin,tare,static,off,on'],
            'grams' => ['sometimes', 'numeric', 'between:-10000,10000'],
        ];
    }
}
