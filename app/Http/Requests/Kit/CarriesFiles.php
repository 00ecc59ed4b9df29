<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Http\UploadedFile;

/** Files dropped on the application, in the field `files`. */
trait CarriesFiles
{
    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'files.required' =>
                'No file arrived: drop a parts list, a placement file, a ZIP or the files of a kit folder.',
            'files.*.uploaded' => 'The file did not arrive whole; a file may have 10 MB at most.',
        ];
    }

    /**
     * @return array<string, string> name to bytes
     * @throws UnusableFile when one is over the limit
     */
    public function dropped(): array
    {
        $dropped = [];
        /** @var list<UploadedFile> $files validated by the rules */
        $files = $this->file('files');
        foreach ($files as $file) {
            $name = $file->getClientOriginalName();
            if ((int) $file->getSize() > KitFiles::LIMIT) {
                throw UnusableFile::tooLarge($name, (int) $file->getSize());
            }
            // Two files of one name are two files.
            $same = count(
                array_filter(array_keys($dropped), static fn(int|string $known): bool => (string) $known === $name),
            );
            $dropped[$same === 0 ? $name : count($dropped) . " {$name}"] = (string) $file->getContent();
        }

        return $dropped;
    }
}
