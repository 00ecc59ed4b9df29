<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\User;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** Files dropped on a draft. */
final class AddFileRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['operationId' => ['required', 'uuid'], 'sequence' => ['required', 'integer', 'min:0'], 'files' => ['required', 'array', 'min:1', 'max:12'], 'files.*' => ['required', 'file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['files.required' => 'No file arrived: drop a parts list or a placement file.', 'files.*.uploaded' => 'The file did not arrive whole; a file may have 10 MB at most.'];
    }

    /**
     * @return array<string, string> name to bytes
     * @throws UnusableFile when one is over the limit
     */
    public function dropped(): array
    {
        $dropped = [];
        /** @var list<UploadedFile> $files validated above */
        $files = $this->file('files');
        foreach ($files as $file) {
            if ((int) $file->getSize() > KitFiles::LIMIT) {
                throw UnusableFile::tooLarge($file->getClientOriginalName(), (int) $file->getSize());
            }
            $dropped[$file->getClientOriginalName()] = $file->getContent();
        }

        return $dropped;
    }

    public function seen(): int
    {
        return $this->integer('sequence');
    }

    public function operationId(): string
    {
        return (string) $this->string('operationId');
    }

    public function maker(): User
    {
        /** @var User $user the auth middleware stands before */
        $user = $this->user();

        return $user;
    }
}
