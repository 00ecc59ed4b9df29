<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Actions\Mail\MailFacts;
use App\Http\Requests\OperationRequest;

/** By which way letters go; what is left out stays as it is. */
final class MailSettingsRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['version' => ['required', 'integer', 'min:0']] + MailFacts::RULES;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return MailFacts::MESSAGES;
    }

    /** @return array<string, string|int|null> */
    public function columns(): array
    {
        $said = [];
        foreach (array_keys(MailFacts::RULES) as $field) {
            if ($this->has($field)) {
                $said[$field] = (string) $this->string($field);
            }
        }

        return MailFacts::columns($said);
    }
}
