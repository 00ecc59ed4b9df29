<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;
use Illuminate\Validation\Rule;

/** One key of the packer. */
final class PackRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'action' => ['required', Rule::enum(PackAction::class)],
            'line' => ['required', 'integer', 'min:0'],
            'pack' => ['required', 'integer', 'min:0'],
            'after' => ['sometimes', 'integer', 'min:0'],
            'lot' => ['required_if:action,lot', 'nullable', 'string', 'max:40'],
        ];
    }

    /** How many keys the run had taken when this one was meant. */
    public function meantAfter(): ?int
    {
        return $this->has('after') ? $this->integer('after') : null;
    }

    public function event(): PackEvent
    {
        return new PackEvent(
            PackAction::from((string) $this->string('action')),
            $this->integer('line'),
            $this->integer('pack'),
            trim((string) $this->string('lot')),
        );
    }
}
