<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The rows of a table, the head first. */
final class TableRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'rows' => ['required', 'array', 'min:1', 'max:20000'],
            'rows.*' => ['array', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'rows.max' => 'The table has more than 20,000 rows; filter it first.',
            'rows.required' => 'The table is empty.',
        ];
    }

    /** @return list<list<string>> */
    public function rows(): array
    {
        return array_map(
            static fn(mixed $row): array => array_map(
                static fn(mixed $cell): string => is_scalar($cell) ? mb_substr((string) $cell, 0, 32_000) : '',
                array_values((array) $row),
            ),
            array_values((array) $this->input('rows')),
        );
    }
}
