<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Actions\Sales\OrderReading;
use App\Http\Requests\OperationRequest;
use App\Models\Article;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use Illuminate\Http\UploadedFile;

/** A table of orders. */
final class OrderFileRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'files' => ['required', 'array', 'size:1'],
            'files.*' => ['required', 'file'],
            'columns' => ['nullable', 'string', 'json', 'max:2000'],
            'names' => ['nullable', 'string', 'json', 'max:20000'],
            'dates' => ['nullable', 'in:day,month'],
            'changes' => ['nullable', 'in:0,1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'files.required' => 'No file arrived: drop a CSV of orders.',
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

    public function reading(): OrderReading
    {
        $said = $this->string('dates')->toString();
        $names = $this->numbers('names') ?? [];
        $sold = Article::query()->whereIn('id', array_values($names))->pluck('id')->all();

        return new OrderReading(
            $this->numbers('columns'),
            $said === '' ? null : $said === 'day',
            array_filter($names, static fn(int $article): bool => in_array($article, $sold, true)),
        );
    }

    /** @return ?array<string, int> what a field says of names; null where it says nothing */
    private function numbers(string $field): ?array
    {
        $said = json_decode((string) $this->string($field), true, 4);
        if (!is_array($said)) {
            return null;
        }
        $numbers = [];
        foreach ($said as $name => $number) {
            if (is_int($number)) {
                $numbers[(string) $name] = $number;
            }
        }

        return $numbers;
    }

    private function upload(): UploadedFile
    {
        /** @var non-empty-list<UploadedFile> $files validated by the rules */
        $files = $this->file('files');

        return $files[0];
    }
}
