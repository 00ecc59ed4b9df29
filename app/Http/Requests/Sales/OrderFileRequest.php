<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Http\UploadedFile;

/** A table of orders. */
final class OrderFileRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['files' => ['required', 'array', 'size:1'], 'files.*' => ['required', 'file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'files.required' => 'No file arrived: drop a CSV with the columns number, date, customer, kit, quantity.',
            'files.size' => 'Drop one file at a time.',
        ];
    }

    /** @throws UnusableFile when it is over the limit */
    public function bytes(): string
    {
        $file = $this->upload();
        if ((int) $file->getSize() > KitFiles::LIMIT) {
            throw UnusableFile::tooLarge($this->fileName(), (int) $file->getSize());
        }

        return $file->getContent();
    }

    public function fileName(): string
    {
        return $this->upload()->getClientOriginalName();
    }

    private function upload(): UploadedFile
    {
        /** @var non-empty-list<UploadedFile> $files validated by the rules */
        $files = $this->file('files');

        return $files[0];
    }
}
