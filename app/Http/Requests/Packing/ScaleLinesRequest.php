<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use Illuminate\Foundation\Http\FormRequest;

/** Some lines as a scale sends them. */
final class ScaleLinesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['lines' => ['required', 'array', 'between:1,50'], 'lines.*' => ['nullable', 'string', 'max:80']];
    }

    /** @return list<string> */
    public function lines(): array
    {
        /** @var list<?string> $lines */
        $lines = $this->validated('lines');

        return array_map(static fn(?string $line): string => $line ?? '', $lines);
    }
}
