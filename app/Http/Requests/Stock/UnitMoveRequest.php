<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use App\Http\Requests\OperationRequest;
use Chiralex\Trade\Whereabouts;

/** What happened to a packed kit, said by hand. */
final class UnitMoveRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'entry' => ['required', 'in:packed,held,freed,scrapped'],
            'note' => ['required_unless:entry,packed', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note.required_unless' => 'Say why, for the book.'];
    }

    public function entry(): Whereabouts
    {
        return Whereabouts::from((string) $this->string('entry'));
    }
}
