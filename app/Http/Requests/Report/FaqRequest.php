<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Symptom;
use Illuminate\Validation\Rule;

/** A FAQ entry of a kit. */
final class FaqRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'symptom' => ['required', Rule::enum(Symptom::class)],
            'cause' => ['required', Rule::enum(Cause::class)],
            'question' => ['required', 'string', 'min:3', 'max:300'],
            'answer' => ['required', 'string', 'min:3', 'max:5000'],
            'anchor' => ['present', 'array', 'max:60'],
            'anchor.*' => ['string', 'max:60'],
            'published' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'question.*' => 'Write the question as a customer would ask it, in 3 to 300 characters.',
            'answer.*' => 'Write the answer, in 3 to 5,000 characters.',
        ];
    }

    public function symptom(): Symptom
    {
        return Symptom::from((string) $this->string('symptom'));
    }

    public function cause(): Cause
    {
        return Cause::from((string) $this->string('cause'));
    }

    /** @return list<string> */
    public function anchor(): array
    {
        return array_values(array_filter((array) $this->input('anchor'), is_string(...)));
    }
}
