<?php

declare(strict_types=1);

namespace App\Http\Requests\Report;

use App\Http\Requests\OperationRequest;
use App\Queries\Report\KitPlaces;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\JudgedCause;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** What a report is about: what was noticed, and each thing that was wrong with its place and origin. */
final class JudgeRequest extends OperationRequest
{
    private const MOST = 8;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kitId' => ['required', 'integer', 'exists:kits,id'],
            'symptom' => ['required', 'string', 'max:120'],
            'causes' => ['required', 'array', 'min:1', 'max:' . self::MOST],
            'causes.*.cause' => ['required', Rule::enum(Cause::class)],
            'causes.*.faultOrigin' => ['nullable', Rule::enum(FaultOrigin::class)],
            'causes.*.part' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return list<callable> a place has to be one of the kit */
    public function after(KitPlaces $places): array
    {
        return [
            function (Validator $validator) use ($places): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $kit = $this->integer('kitId');
                $symptom = trim((string) $this->string('symptom'));
                if (!$places->isSymptom($kit, $symptom)) {
                    $validator
                        ->errors()
                        ->add(
                            'symptom',
                            "\"{$symptom}\" is none of the symptoms that this kit knows; choose one of the list.",
                        );
                }
                foreach ($this->judged() as $index => $each) {
                    if ($each->part !== '' && !$places->has($kit, $each->part)) {
                        $validator
                            ->errors()
                            ->add(
                                "causes.{$index}.part",
                                "This kit has no {$each->part}; write a designator of it, several with \"and\", or a step like \"step 4\".",
                            );
                    }
                }
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kitId.*' => 'Say which kit it is about.',
            'symptom.*' => 'Say what the customer notices.',
            'causes.*' => 'Say what was wrong, at most eight things; "not known yet" is an answer too.',
            'causes.*.part.max' => 'A place has 40 letters at most; write a designator.',
        ];
    }

    public function symptom(): string
    {
        return trim((string) $this->string('symptom'));
    }

    /** @return list<JudgedCause> each once */
    public function judged(): array
    {
        $all = [];
        foreach ((array) $this->input('causes') as $row) {
            $cause = is_array($row) && is_string($row['cause'] ?? null) ? Cause::tryFrom($row['cause']) : null;
            if (!is_array($row) || $cause === null) {
                continue;
            }
            $part = is_string($row['part'] ?? null) ? KitPlaces::written($row['part']) : '';
            $origin = is_string($row['faultOrigin'] ?? null) ? FaultOrigin::tryFrom($row['faultOrigin']) : null;
            $all["{$cause->value}|{$part}"] = new JudgedCause($cause, $part, $origin ?? $cause->usualOrigin());
        }

        return array_values($all);
    }
}
