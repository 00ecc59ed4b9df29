<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** Files dropped on a draft. */
final class AddFileRequest extends FormRequest
{
    use CarriesFiles;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'operationId' => ['required', 'uuid'],
            'sequence' => ['required', 'integer', 'min:0'],
            'files' => ['required', 'array', 'min:1', 'max:20'],
            'files.*' => ['required', 'file'],
            'list' => ['sometimes', 'string', 'max:190'],
        ];
    }

    /** Which of several tables is the parts list. */
    public function list(): ?string
    {
        return $this->has('list') ? $this->string('list')->toString() : null;
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
