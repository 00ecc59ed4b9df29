<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use App\Models\Mail;

/** A letter for the simulated mailbox. */
final class PutLetterRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'name' => ['nullable', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190'],
            'subject' => ['nullable', 'string', 'max:250'],
            'text' => ['required', 'string', 'min:1', 'max:20000'],
            'answers' => ['nullable', 'integer', 'exists:mails,id'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.*' => 'Say from which address it comes, like gwen@example.org.',
            'text.*' => 'Write the letter.',
        ];
    }

    public function text(string $field): string
    {
        return trim((string) $this->string($field));
    }

    /** @return array{name: string, email: string} */
    public function sender(): array
    {
        return ['name' => $this->text('name'), 'email' => $this->text('email')];
    }

    /** The mail of ours that it answers. */
    public function answered(): ?Mail
    {
        return $this->filled('answers') ? Mail::query()->find($this->integer('answers')) : null;
    }
}
