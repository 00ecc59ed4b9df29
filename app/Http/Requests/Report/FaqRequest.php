<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use App\Queries\Report\KitPlaces;
use Chiralex\Fault\Cause;
use Illuminate\Validation\Rule;

/** A FAQ entry of a kit. */
final class FaqRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'symptom' => ['required', 'string', 'max:120'],
            'cause' => ['required', Rule::enum(Cause::class)],
            'part' => ['present', 'nullable', 'string', 'max:40'],
            'option' => ['nullable', 'string', 'max:80', 'regex:~^[^=;]+=[^=;]+$~u'],
            'fromRevisionId' => ['nullable', 'integer', 'exists:revisions,id'],
            'toRevisionId' => ['nullable', 'integer', 'exists:revisions,id'],
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
            'option.*' => 'An option is its name and its value, like box=drilled.',
            'answer.*' => 'Write the answer, in 3 to 5,000 characters.',
        ];
    }

    /** @return array{symptom: string, cause: string, part: string} by which there is one entry */
    public function key(): array
    {
        return [
            'symptom' => trim((string) $this->string('symptom')),
            'cause' => (string) $this->string('cause'),
            'part' => KitPlaces::written((string) $this->string('part')),
        ];
    }

    /** @return array{question: string, answer: string, anchor: list<string>, published: bool, option: string, from_revision_id: ?int, to_revision_id: ?int} */
    public function words(): array
    {
        return [
            'question' => trim((string) $this->string('question')),
            'answer' => trim((string) $this->string('answer')),
            'anchor' => $this->anchor(),
            'published' => $this->boolean('published'),
            'option' => trim((string) $this->string('option')),
            'from_revision_id' => $this->filled('fromRevisionId') ? $this->integer('fromRevisionId') : null,
            'to_revision_id' => $this->filled('toRevisionId') ? $this->integer('toRevisionId') : null,
        ];
    }

    /** @return list<string> */
    private function anchor(): array
    {
        return array_values(array_filter((array) $this->input('anchor'), is_string(...)));
    }
}
