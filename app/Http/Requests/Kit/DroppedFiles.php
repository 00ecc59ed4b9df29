<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\User;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** Files dropped on the application. */
final class DroppedFiles extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['files' => ['required', 'array', 'min:1', 'max:12'], 'files.*' => ['required', 'file'], 'designatorColumn' => ['sometimes', 'integer', 'min:0', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['files.required' => 'No file arrived: drop a parts list, a ZIP or the files of a kit folder.', 'files.*.uploaded' => 'The file did not arrive whole; a file may have 10 MB at most.'];
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
            $name = $file->getClientOriginalName();
            if ((int) $file->getSize() > KitFiles::LIMIT) {
                throw UnusableFile::tooLarge($name, (int) $file->getSize());
            }
            $dropped[$name] = $file->getContent();
        }

        return $dropped;
    }

    public function designatorColumn(): ?int
    {
        return $this->has('designatorColumn') ? $this->integer('designatorColumn') : null;
    }

    public function userId(): ?int
    {
        $user = $this->user();

        return $user instanceof User ? $user->id : null;
    }
}
