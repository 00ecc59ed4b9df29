<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** What a test expects, while it is being written. */
final class TryReadingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'expect' => ['required', 'string', 'max:300'],
            'accuracy' => ['nullable', 'string', 'max:20'],
            'adjusts' => ['nullable', 'string', 'max:60'],
            'options' => ['nullable', 'string', 'max:200'],
        ];
    }

    public function text(string $key): string
    {
        $value = $this->input($key);

        return is_string($value) ? trim($value) : '';
    }
}
