<?php

declare(strict_types=1);

namespace App\Http\Requests\Library;

use App\Http\Requests\OperationRequest;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;
use Chiralex\Part\Sensitivity;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Closure;
use Illuminate\Validation\Rule;

/** What the maker knows of a part; lengths may be typed with their unit. */
final class LibraryPartRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $length = static function (string $field, mixed $value, Closure $fail): void {
            try {
                $read = Length::parse(is_scalar($value) ? (string) $value : '')->toFloat();
                if ($read <= 0.0 || $read >= 300.0) {
                    $fail('A length above 0 and below 300 mm.');
                }
            } catch (InvalidQuantity $fault) {
                $fail($fault->getMessage());
            }
        };

        return parent::rules() + [
            'fingerprint' => ['required', 'string', 'max:190'],
            'title' => ['required', 'string', 'max:190'],
            'version' => ['required', 'integer', 'min:0'],
            'number' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:2000'],
            'kind' => ['nullable', Rule::enum(Kind::class)],
            'package' => ['nullable', 'string', 'max:80'],
            'height' => ['nullable', $length],
            'leadLength' => ['nullable', $length],
            'mass' => ['nullable', 'numeric', 'gt:0', 'lt:5000'],
            'hold' => ['nullable', Rule::enum(Hold::class)],
            'sensitivity' => ['nullable', Rule::enum(Sensitivity::class)],
            'mark' => ['nullable', Rule::enum(Mark::class)],
            'terminal' => ['nullable', 'string', 'max:40'],
            'origins' => ['sometimes', 'array'],
            'origins.*' => ['nullable', 'string', 'max:60'],
            'photo' => ['sometimes', 'nullable', 'file', 'max:8192'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mass.*' => 'Mass is a number of grams, above 0 and below 5000.',
            'photo.max' => 'The photo is larger than 8 MB; send a smaller one.',
            'note.max' => 'The note is longer than 2000 characters.',
            'number.max' => 'A part number has at most 40 characters.',
        ];
    }

    /**
     * @return array<string, mixed> fields of a line in kit.json
     * @throws InvalidQuantity never after validation
     */
    public function facts(): array
    {
        $facts = [];
        foreach (['kind', 'package', 'hold', 'sensitivity'] as $field) {
            if ($this->filled($field)) {
                $facts[$field] = trim((string) $this->string($field));
            }
        }
        foreach (['height', 'leadLength'] as $field) {
            if ($this->filled($field)) {
                $facts[$field] = Length::parse((string) $this->string($field))->toFloat();
            }
        }
        if ($this->filled('mass')) {
            $facts['mass'] = $this->float('mass');
        }
        if ($this->filled('mark')) {
            $facts['polarity'] = [
                'mark' => (string) $this->string('mark'),
                'terminal' => (string) $this->string('terminal'),
            ];
        }

        return $facts;
    }

    /** @return array<string, string> */
    public function origins(): array
    {
        $origins = [];
        foreach ((array) $this->input('origins', []) as $field => $text) {
            $origins[(string) $field] = is_string($text) ? $text : '';
        }

        return $origins;
    }
}
