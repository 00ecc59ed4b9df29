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
            'callout' => ['sometimes', 'string', 'max:40'],
            'sendPart' => ['sometimes', 'string', 'max:40', 'required_with:sendPieces'],
            'sendPieces' => ['sometimes', 'integer', 'between:1,100', 'required_with:sendPart'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.*' => 'Write the answer first, at least a few words.',
            'sendPieces.*' => 'Say how many pieces are sent, from 1 to 100.',
            'sendPart.*' => 'Say which part is sent, by its designator.',
        ];
    }

    /** @return ?array{part: string, pieces: int<1, 100>} pieces that go with it */
    public function pieces(): ?array
    {
        if (!$this->filled('sendPart')) {
            return null;
        }

        return [
            'part' => trim((string) $this->string('sendPart')),
            'pieces' => max(1, min(100, $this->integer('sendPieces'))),
        ];
    }
}
