<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use App\Models\Mending;
use App\Queries\Report\KitPlaces;
use Chiralex\Fault\Cause;
use Illuminate\Validation\Rule;

/** What was done about a cause of reports. */
final class MendRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'cause' => ['required', Rule::enum(Cause::class)],
            'part' => ['present', 'nullable', 'string', 'max:40'],
            'place' => ['required', Rule::in(Mending::PLACES)],
        ];
    }

    /** @return array{cause: string, part: string, place: string} */
    public function what(): array
    {
        return [
            'cause' => (string) $this->string('cause'),
            'part' => KitPlaces::written((string) $this->string('part')),
            'place' => (string) $this->string('place'),
        ];
    }
}
