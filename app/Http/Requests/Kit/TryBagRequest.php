<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** A part and the bag it would go into. */
final class TryBagRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['part' => ['required', 'string', 'max:60'], 'bag' => ['required', 'string', 'max:20']];
    }
}
