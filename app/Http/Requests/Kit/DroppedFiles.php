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
            'designatorColumn' => ['sometimes', 'integer', 'min:0', 'max:200'],
        ];
    }

    public function designatorColumn(): ?int
    {
        return $this->has('designatorColumn') ? $this->integer('designatorColumn') : null;
    }
}
