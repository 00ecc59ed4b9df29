<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\User;
use Chiralex\Kit\Edit\Edit;
use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Exception\UnusableEdit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Changes to a draft, with the version the caller has seen and an id of the caller's making. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'operationId' => ['required', 'uuid'],
            'changes' => ['sometimes', 'array', 'min:1', 'max:200'],
            'changes.*.type' => ['required', Rule::enum(EditKind::class)->except([EditKind::File])],
            'changes.*.target' => ['present', 'nullable', 'string', 'max:120'],
            'changes.*.field' => ['present', 'nullable', 'string', 'max:60'],
            'changes.*.value' => ['nullable'],
        ];
    }

    /** @throws ValidationException when the header is absent or no number */
    public function seen(): int
    {
        $header = trim((string) $this->header('If-Match'), '"W/');
        if (preg_match('~^\d+$~', $header) !== 1) {
            throw ValidationException::withMessages([
                'If-Match' => 'Say in the If-Match header which version of the draft you have seen.',
            ]);
        }

        return (int) $header;
    }

    /**
     * @return list<Edit>
     * @throws UnusableEdit when one names nothing, or says what cannot be
     */
    public function edits(): array
    {
        $edits = [];
        foreach (array_keys((array) $this->input('changes', [])) as $index) {
            $text = fn(string $field): string => (string) $this->string("changes.{$index}.{$field}");
            $edits[] = EditKind::from($text('type'))->read(
                $text('target'),
                $text('field'),
                $this->input("changes.{$index}.value"),
            );
        }

        return $edits;
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
