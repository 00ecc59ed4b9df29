<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use App\Models\User;
use Chiralex\Marking\Colour;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The mark of a lot's first piece: bands as tapped, or some characters of its print. */
final class LookRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fingerprint' => ['required', 'string', 'max:190'],
            'lot' => ['nullable', 'integer', 'exists:lots,id'],
            'print' => ['nullable', 'string', 'max:40'],
            'bands' => ['nullable', 'array', 'max:6'],
            'bands.*' => [Rule::enum(Colour::class)],
        ];
    }

    public function userId(): ?int
    {
        $user = $this->user();

        return $user instanceof User ? $user->id : null;
    }

    /** @return list<Colour> */
    public function bands(): array
    {
        /** @var list<string> $words */
        $words = $this->array('bands');

        return array_map(Colour::from(...), $words);
    }
}
