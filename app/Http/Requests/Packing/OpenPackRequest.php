<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;

/** Which class pack to open. */
final class OpenPackRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'articleId' => ['required', 'integer', 'exists:articles,id'],
        ];
    }
}
