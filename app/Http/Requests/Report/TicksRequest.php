<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use Illuminate\Foundation\Http\FormRequest;

/** Ticks of a builder, several at once after the connection was away. */
final class TicksRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'ticks' => ['required', 'array', 'min:1', 'max:500'],
            'ticks.*.operationId' => ['required', 'uuid'],
            'ticks.*.step' => ['required', 'string', 'max:400'],
            'ticks.*.done' => ['required', 'boolean'],
            'ticks.*.minutes' => ['nullable', 'numeric', 'between:0,600'],
        ];
    }

    /** @return list<array{operationId: string, step: string, done: bool, minutes: ?float}> */
    public function ticks(): array
    {
        /** @var list<array{operationId: string, step: string, done: bool, minutes?: int|float|string|null}> $ticks validated by the rules */
        $ticks = array_values((array) $this->input('ticks'));

        return array_map(
            static fn(array $tick): array => [
                'operationId' => $tick['operationId'],
                'step' => $tick['step'],
                'done' => (bool) $tick['done'],
                'minutes' => isset($tick['minutes']) ? (float) $tick['minutes'] : null,
            ],
            $ticks,
        );
    }
}
