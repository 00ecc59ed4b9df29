<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use App\Http\Requests\OperationRequest;

/** A bad lot is stopped: why, and what is written to those who have it. */
final class LotStopRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'note' => ['required', 'string', 'min:3', 'max:200'],
            'subject' => ['present', 'nullable', 'string', 'max:200', 'required_with:letter'],
            'letter' => ['present', 'nullable', 'string', 'max:10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'note.*' => 'Say in 3 to 200 characters what is wrong with it; the packing bench shows that.',
            'subject.*' => 'Write a subject for the letters, up to 200 characters.',
        ];
    }

    public function said(string $name): string
    {
        return trim((string) $this->string($name));
    }
}
