<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;

/** How many packs of which release. */
final class StartRunRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'releaseId' => ['required', 'integer', 'exists:releases,id'],
            'packs' => ['required', 'integer', 'between:1,500'],
            'packSize' => ['required', 'integer', 'in:1,5,10,20'],
            'options' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'packs.between' => 'A run has 1 to 500 packs.',
            'packSize.in' => 'A pack holds one kit, or is a class pack of 5, 10 or 20.',
            'releaseId.exists' => 'Only a released revision can be packed; release it first.',
        ];
    }

    /** @return int<1, 500> */
    public function packs(): int
    {
        return max(1, min(500, $this->integer('packs')));
    }
}
