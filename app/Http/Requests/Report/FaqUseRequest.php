<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use Illuminate\Foundation\Http\FormRequest;

/** Answers that were opened on a page, or that helped. */
final class FaqUseRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'uses' => ['required', 'array', 'min:1', 'max:200'],
            'uses.*.faq' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'uses.*.entry' => ['required', 'in:shown,helped'],
        ];
    }

    /** @return list<array{faq: int, entry: string}> */
    public function uses(): array
    {
        /** @var list<array{faq: int|string, entry: string}> $uses validated by the rules */
        $uses = array_values((array) $this->input('uses'));

        return array_map(static fn(array $use): array => ['faq' => (int) $use['faq'], 'entry' => $use['entry']], $uses);
    }
}
