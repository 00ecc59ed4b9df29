<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use Chiralex\Bagging\Packing\ScalePattern;
use Chiralex\Bagging\Packing\ScaleReading;
use Illuminate\Foundation\Http\FormRequest;

/** What a scale that is connected to the browser said lately. */
final class ReadBinRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'now' => ['required', 'numeric'],
            'since' => ['sometimes', 'numeric'],
            'carried' => ['sometimes', 'numeric'],
        ] + SentLines::RULES;
    }

    /** @return list<ScaleReading> in the order of time */
    public function readings(ScalePattern $pattern): array
    {
        /** @var list<array{at: int|float|string, text: string}> $lines */
        $lines = $this->validated('lines', []);

        return SentLines::readings($lines, $pattern);
    }
}
