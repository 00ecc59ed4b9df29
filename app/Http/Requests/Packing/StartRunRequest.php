<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;
use Chiralex\Trade\Dealing;
use Chiralex\Trade\PackWay;
use Closure;
use Illuminate\Validation\Validator;

/** How many packs of which release. */
final class StartRunRequest extends OperationRequest
{
    /** Bags of one line. */
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'releaseId' => ['required', 'integer', 'exists:releases,id'],
            'packs' => ['required', 'integer', 'between:1,500'],
            'packSize' => ['required', 'integer', 'in:1,5,10,20'],
            'options' => ['nullable', 'string', 'max:200'],
            'dealing' => ['sometimes', 'in:kind,pupil'],
            'way' => ['sometimes', 'in:line,bag'],
        ];
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($this->dealing() === Dealing::ByPupil && $this->packs() * $this->integer('packSize') > self::MOST) {
                    $validator
                        ->errors()
                        ->add(
                            'packs',
                            'A run fills 500 bags at most: with a kit a pupil that is ' .
                                intdiv(self::MOST, max(1, $this->integer('packSize'))) .
                                ' packs of ' .
                                $this->integer('packSize') .
                                '.',
                        );
                }
            },
        ];
    }

    public function dealing(): Dealing
    {
        return Dealing::tryFrom((string) $this->string('dealing')) ?? Dealing::Single;
    }

    public function way(): PackWay
    {
        return PackWay::tryFrom((string) $this->string('way')) ?? PackWay::LineByLine;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'packs.between' => 'A run has 1 to 500 packs.',
            'packSize.in' => 'A pack holds one kit, or is a class pack of 5, 10 or 20.',
            'releaseId.exists' => 'Only a released revision can be packed; release it first.',
        ];
    }

    /** @return int<1, 500> */
    public function packs(): int
    {
        return max(1, min(500, $this->integer('packs')));
    }
}
