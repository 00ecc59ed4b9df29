<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A request that does something once: it carries an id of the caller's making, so that a resend is harmless. */
abstract class OperationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['operationId' => ['required', 'uuid']];
    }

    public function operationId(): string
    {
        return strtolower((string) $this->string('operationId'));
    }

    /** The operation as the database can compare it, before it is known to be one: what is none equals no other. */
    protected function comparable(): string
    {
        $operation = $this->operationId();

        return Str::isUuid($operation) ? $operation : '00000000-0000-0000-0000-000000000000';
    }

    public function userId(): ?int
    {
        $user = $this->user();

        return $user instanceof User ? $user->id : null;
    }

    /** @throws ValidationException when the If-Match header is absent or no number */
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
}
