<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;

/** An answer to a report. */
final class AnswerRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'text' => ['required', 'string', 'min:3', 'max:10000'],
            'stack' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.*' => 'Write the answer first, at least a few words.'];
    }
}
