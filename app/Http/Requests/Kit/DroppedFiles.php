<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** Files dropped on the application. */
final class DroppedFiles extends FormRequest
{
    use CarriesFiles;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['files' => ['required', 'array', 'min:1', 'max:12'], 'files.*' => ['required', 'file'], 'designatorColumn' => ['sometimes', 'integer', 'min:0', 'max:200']];
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
