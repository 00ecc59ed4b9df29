<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Http\Requests\OperationRequest;

/** What is said of a kit's costs from now on. */
final class PriceRequest extends OperationRequest
{
    use NamesPriceFacts;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['version' => ['required', 'integer']] + self::factRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::factMessages();
    }

    /** @return array<string, string> */
    public function facts(): array
    {
        return $this->said();
    }
}
