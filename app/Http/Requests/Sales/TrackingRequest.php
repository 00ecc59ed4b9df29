<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;

/** By which number the carrier knows a parcel. */
final class TrackingRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['tracking' => ['nullable', 'string', 'max:80']];
    }
}
