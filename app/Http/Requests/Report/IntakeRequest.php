<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Actions\Report\Intake\IntakeRefusal;
use App\Http\Requests\OperationRequest;
use Illuminate\Http\UploadedFile;

/** A file of letters, or the text of one. */
final class IntakeRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'file' => ['required_without:text', 'file'],
            'text' => ['required_without:file', 'string', 'max:200000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.uploaded' =>
                'The file did not arrive whole; at most 32 MB go in at once. Split a larger mailbox; what was taken is not taken twice.',
            'file.*' => 'No letter arrived: drop a mail, a mailbox, a table or JSON lines, or paste a letter.',
            'text.*' => 'Paste the letter, or drop its file.',
        ];
    }

    /** @return array{name: string, bytes: string} */
    public function letters(): array
    {
        $file = $this->file('file');
        if (!($file instanceof UploadedFile)) {
            return ['name' => 'pasted', 'bytes' => (string) $this->string('text')];
        }
        $name = mb_substr(mb_scrub($file->getClientOriginalName()), 0, 190);
        if ((int) $file->getSize() > IntakeRefusal::MOST_MB * 1_048_576) {
            throw IntakeRefusal::tooLarge($name, (int) $file->getSize());
        }

        return ['name' => $name, 'bytes' => (string) $file->getContent()];
    }
}
