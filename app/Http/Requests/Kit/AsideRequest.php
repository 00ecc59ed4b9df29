<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Http\Requests\OperationRequest;

/** Puts something aside, or takes it back. */
final class AsideRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['aside' => ['required', 'boolean']];
    }
}
