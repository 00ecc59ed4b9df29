<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A photograph, taken at a step of a pilot build or of a packed kit. */
final class PhotoRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['photo' => ['required', 'file', 'max:8192']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.required' => 'No photograph arrived; take it again.',
            'photo.max' => 'The photograph is larger than 8 MB; send a smaller one.',
        ];
    }

    public function bytes(): string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? (string) $file->getContent() : '';
    }
}
