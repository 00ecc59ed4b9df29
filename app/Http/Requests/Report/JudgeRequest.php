<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\Symptom;
use Illuminate\Validation\Rule;

/** What a report is about. */
final class JudgeRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kitId' => ['required', 'integer', 'exists:kits,id'],
            'symptom' => ['required', Rule::enum(Symptom::class)],
            'cause' => ['required', Rule::enum(Cause::class)],
            'faultOrigin' => ['nullable', Rule::enum(FaultOrigin::class)],
            'part' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kitId.*' => 'Say which kit it is about.',
            'symptom.*' => 'Say what the customer notices.',
            'cause.*' => 'Say what was wrong; "not known yet" is an answer too.',
        ];
    }

    public function symptom(): Symptom
    {
        return Symptom::from((string) $this->string('symptom'));
    }

    public function cause(): Cause
    {
        return Cause::from((string) $this->string('cause'));
    }

    public function origin(): FaultOrigin
    {
        return FaultOrigin::tryFrom((string) $this->string('faultOrigin')) ?? $this->cause()->usualOrigin();
    }
}
