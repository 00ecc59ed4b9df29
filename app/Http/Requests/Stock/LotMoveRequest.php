<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use App\Actions\Stock\ShelfCsv;
use App\Http\Requests\OperationRequest;
use Brick\Math\BigDecimal;
use Chiralex\Supply\LotEntry;
use Illuminate\Validation\Rule;

/** What happened to a lot, booked by hand. */
final class LotMoveRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'entry' => [
                'required',
                Rule::enum(LotEntry::class)->except([LotEntry::Packed, LotEntry::Unpacked, LotEntry::Received]),
            ],
            'quantity' => [
                'required_unless:entry,held,freed,look,looked',
                'nullable',
                $this->entry() === LotEntry::Corrected
                    ? 'regex:/^-?\d{1,8}(?:[.,]\d{1,3})?$/'
                    : 'regex:/^\d{1,8}(?:[.,]\d{1,3})?$/',
            ],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['quantity.*' => 'Write how many, like 48.'];
    }

    public function entry(): LotEntry
    {
        return LotEntry::tryFrom((string) $this->string('entry')) ?? LotEntry::Counted;
    }

    /** Nothing that goes in or out can be none; a count can. */
    public function quantity(): BigDecimal
    {
        $text = (string) $this->string('quantity');
        $number = ShelfCsv::number(ltrim($text, '-')) ?? BigDecimal::zero();

        return str_starts_with($text, '-') ? $number->negated() : $number;
    }
}
