<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Http\Requests\OperationRequest;

/** Files dropped on the application. */
final class DroppedFiles extends OperationRequest
{
    use CarriesFiles;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'files' => ['required', 'array', 'min:1', 'max:20'],
            'files.*' => ['required', 'file'],
            'list' => ['sometimes', 'string', 'max:190'],
            'designatorColumn' => ['sometimes', 'integer', 'min:0', 'max:200'],
        ];
    }

    /** Which of several tables is the parts list. */
    public function list(): ?string
    {
        return $this->has('list') ? $this->string('list')->toString() : null;
    }

    public function designatorColumn(): ?int
    {
        return $this->has('designatorColumn') ? $this->integer('designatorColumn') : null;
    }
}
