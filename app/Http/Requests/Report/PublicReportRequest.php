<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use ChiralexRender\Words;
use Illuminate\Http\UploadedFile;

/** A customer's report from the builder's page. */
final class PublicReportRequest extends OperationRequest
{
    private const PHOTO_KB = 10240;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'text' => ['required', 'string', 'min:3', 'max:5000'],
            'serial' => ['nullable', 'string', 'max:60'],
            'step' => ['nullable', 'string', 'max:400'],
            'stepNumber' => ['nullable', 'integer', 'between:1,9999'],
            'name' => ['nullable', 'string', 'max:120'],
            'email' => ['nullable', 'email', 'max:190'],
            'symptom' => ['nullable', 'string', 'max:120'],
            'checks' => ['nullable', 'array', 'max:60'],
            'checks.*.check' => ['required', 'string', 'max:120'],
            'checks.*.answer' => ['required', 'string', 'max:80'],
            'photo' => ['nullable', 'file', 'max:' . self::PHOTO_KB],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $say = fn(string $code): string => $this->words()->sentence("public.{$code}");

        return [
            'text.required' => $say('text-required'),
            'text.min' => $say('text-min'),
            'text.max' => $say('text-max'),
            'email.email' => $say('email'),
            'photo.max' => $say('photo-max'),
            'photo.uploaded' => $say('photo-whole'),
            'photo.file' => $say('photo-file'),
        ];
    }

    /** In the language of the page that sends it. */
    public function words(): Words
    {
        return Words::in(is_string($this->input('lang')) ? $this->input('lang') : 'en');
    }

    public function text(string $field): string
    {
        return trim((string) $this->string($field));
    }

    public function stepNumber(): ?int
    {
        return $this->filled('stepNumber') ? $this->integer('stepNumber') : null;
    }

    /** @return list<array{check: string, answer: string}> what was looked at, and what was found */
    public function checks(): array
    {
        $all = [];
        foreach ((array) $this->input('checks') as $each) {
            if (is_array($each) && is_string($each['check'] ?? null) && is_string($each['answer'] ?? null)) {
                $all[] = ['check' => $each['check'], 'answer' => $each['answer']];
            }
        }

        return $all;
    }

    public function photo(): ?string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file->getContent() : null;
    }
}
