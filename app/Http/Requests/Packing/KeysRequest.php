<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Models\User;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;
use Illuminate\Foundation\Http\FormRequest;

/** Keys that waited, in the order they were pressed. */
final class KeysRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'keys' => ['required', 'array', 'between:1,50'],
            'keys.*.operationId' => ['required', 'uuid', 'distinct'],
            'keys.*.action' => ['required', 'in:' . implode(',', array_column(PackAction::cases(), 'value'))],
            'keys.*.line' => ['required', 'integer', 'min:0'],
            'keys.*.pack' => ['required', 'integer', 'min:0'],
            'keys.*.after' => ['required', 'integer', 'min:0'],
            'keys.*.lot' => ['required_if:keys.*.action,lot', 'nullable', 'string', 'max:40'],
        ];
    }

    public function userId(): ?int
    {
        $user = $this->user();

        return $user instanceof User ? $user->id : null;
    }

    /** @return non-empty-list<array{operationId: string, after: int, event: PackEvent}> */
    public function pressed(): array
    {
        /** @var non-empty-list<array{operationId: string, action: string, line: int|string, pack: int|string, after: int|string, lot?: ?string}> $keys */
        $keys = $this->validated('keys');

        return array_map(
            static fn(array $key): array => [
                'operationId' => strtolower($key['operationId']),
                'after' => (int) $key['after'],
                'event' => new PackEvent(
                    PackAction::from($key['action']),
                    (int) $key['line'],
                    (int) $key['pack'],
                    trim($key['lot'] ?? ''),
                ),
            ],
            $keys,
        );
    }
}
