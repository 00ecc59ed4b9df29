<?php

declare(strict_types=1);

namespace App\Http\Requests\Buying;

use App\Http\Requests\OperationRequest;

/** An order as the plan says, with the total that was seen. */
final class PurchaseRequest extends OperationRequest
{
    use TakesBatches;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + self::batchRules() + ['total' => ['required', 'string', 'regex:/^\d{1,12}\.\d\d$/D']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::batchMessages();
    }
}
