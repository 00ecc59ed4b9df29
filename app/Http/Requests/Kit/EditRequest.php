<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\Change;
use App\Models\User;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Changes to a draft, with the version the caller has seen and an id of the caller's making. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'operationId' => ['required', 'uuid'],
            'changes' => ['sometimes', 'array', 'min:1', 'max:200'],
            'changes.*.type' => [
                'required',
                'in:line,cell,column,setting,board,order,words,bag,test,hazard,block,pilot',
            ],
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
     * @return list<Change>
     * @throws ValidationException when a length is none
     */
    public function changes(): array
    {
        /** @var list<array<string, mixed>> $changes */
        $changes = array_values((array) $this->input('changes', []));

        return array_map(static fn(array $change): Change => self::measured(Change::from($change)), $changes);
    }

    /**
     * A length may be typed with its unit, `0.3 in`; the kit file keeps millimetres.
     *
     * @throws ValidationException when it is none
     */
    private static function measured(Change $change): Change
    {
        if (
            $change->type !== 'line' ||
            !in_array($change->field, ['height', 'leadLength'], true) ||
            $change->value === null
        ) {
            return $change;
        }
        try {
            $length = Length::parse(is_scalar($change->value) ? (string) $change->value : '')->toFloat();
        } catch (InvalidQuantity $fault) {
            throw ValidationException::withMessages(['changes' => $fault->getMessage()]);
        }
        if ($length <= 0.0 || $length >= 300.0) {
            throw ValidationException::withMessages(['changes' => 'A height is above 0 and below 300 mm.']);
        }

        return new Change('line', $change->target, $change->field, $length);
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
