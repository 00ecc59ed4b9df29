<?php

declare(strict_types=1);

namespace App\Http\Requests\Buying;

use Illuminate\Foundation\Http\FormRequest;

/** What a plan is asked for. */
final class BatchesRequest extends FormRequest
{
    use TakesBatches;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::batchRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::batchMessages();
    }
}
