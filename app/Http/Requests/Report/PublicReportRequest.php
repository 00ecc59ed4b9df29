<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use Illuminate\Http\UploadedFile;

/** A customer's report from the builder's page. */
final class PublicReportRequest extends OperationRequest
{
    private const PHOTO_KB = 10240;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'text' => ['required', 'string', 'min:3', 'max:5000'], 'serial' => ['nullable', 'string', 'max:60'], 'step' => ['nullable', 'string', 'max:400'], 'stepNumber' => ['nullable', 'integer', 'between:1,9999'],
            'name' => ['nullable', 'string', 'max:120'], 'email' => ['nullable', 'email', 'max:190'], 'photo' => ['nullable', 'file', 'max:' . self::PHOTO_KB],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required' => 'Say what happens, in your own words.', 'text.min' => 'Say what happens, in a few words more.', 'text.max' => 'The report has more than 5,000 characters; shorten it.', 'email.email' => 'That is no mail address; correct it, or leave it empty.',
            'photo.max' => 'The photo is larger than 10 MB; choose a smaller size in your camera, or send the report without it. Your text is kept.', 'photo.uploaded' => 'The photo did not arrive whole; it may have 10 MB at most. Your text is kept.', 'photo.file' => 'The photo did not arrive; try again. Your text is kept.',
        ];
    }

    public function text(string $field): string
    {
        return trim((string) $this->string($field));
    }

    public function stepNumber(): ?int
    {
        return $this->filled('stepNumber') ? $this->integer('stepNumber') : null;
    }

    public function photo(): ?string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file->getContent() : null;
    }
}
