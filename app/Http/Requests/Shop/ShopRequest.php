<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\OperationRequest;

/** Who we are, on paper and on the net; what is left out stays as it is. */
final class ShopRequest extends OperationRequest
{
    private const COLUMNS = [
        'name' => 'name',
        'address' => 'address',
        'email' => 'email',
        'currency' => 'currency',
        'paper' => 'paper',
        'language' => 'language',
        'secondLanguage' => 'second_language',
        'wage' => 'wage',
        'bagCost' => 'bag_cost',
        'bagMinutes' => 'bag_minutes',
        'stripMinutes' => 'strip_minutes',
        'publicAddress' => 'public_address',
    ];
    private const EMPTY_IS_NONE = ['secondLanguage', 'publicAddress'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'version' => ['required', 'integer', 'min:0'],
            'name' => ['sometimes', 'nullable', 'string', 'max:80'],
            'address' => ['sometimes', 'nullable', 'string', 'max:400'],
            'email' => ['sometimes', 'nullable', 'email', 'max:190'],
            'currency' => ['sometimes', 'string', 'regex:~^[A-Za-z]{3}$~'],
            'paper' => ['sometimes', 'in:A4,Letter'],
            'language' => ['sometimes', 'in:en,de'],
            'secondLanguage' => ['sometimes', 'nullable', 'in:en,de', 'different:language'],
            'wage' => ['sometimes', 'numeric', 'min:0', 'max:999'],
            'bagCost' => ['sometimes', 'numeric', 'min:0', 'max:99'],
            'bagMinutes' => ['sometimes', 'numeric', 'min:0', 'max:99'],
            'stripMinutes' => ['sometimes', 'numeric', 'min:0', 'max:99'],
            'publicAddress' => ['sometimes', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'currency.regex' => 'A currency has three letters, for example EUR.',
            'secondLanguage.different' => 'The second language is another one than the first.',
            'email.email' => 'This is no mail address; customers write to it.',
            '*.numeric' => 'Type a number, for example 0.5.',
        ];
    }

    /** @return array<string, string|null> columns of the shop to what was typed */
    public function facts(): array
    {
        $facts = [];
        foreach (self::COLUMNS as $field => $column) {
            if ($this->has($field)) {
                $text = trim((string) $this->string($field));
                $facts[$column] = $text === '' && in_array($field, self::EMPTY_IS_NONE, true) ? null : $text;
            }
        }
        if (isset($facts['currency'])) {
            $facts['currency'] = strtoupper($facts['currency']);
        }

        return $facts;
    }
}
