<?php

declare(strict_types=1);

namespace App\Actions\Shop;

/** What may be said of the shop: by which name, in which bounds, in which column. */
final readonly class ShopFacts
{
    private const COLUMNS = [
        'name' => 'name',
        'address' => 'address',
        'email' => 'email',
        'currency' => 'currency',
        'country' => 'country',
        'paper' => 'paper',
        'language' => 'language',
        'secondLanguage' => 'second_language',
        'wage' => 'wage',
        'bagCost' => 'bag_cost',
        'bagMinutes' => 'bag_minutes',
        'stripMinutes' => 'strip_minutes',
        'publicAddress' => 'public_address',
        'scaleDivision' => 'scale_division',
        'scaleRepeatability' => 'scale_repeatability',
        'scaleUnit' => 'scale_unit',
        'scaleStable' => 'scale_stable',
        'checkMass' => 'check_mass',
        'readsBins' => 'reads_bins',
    ];
    private const EMPTY_IS_NONE = ['secondLanguage', 'publicAddress', 'scaleStable'];

    public const RULES = [
        'name' => ['sometimes', 'nullable', 'string', 'max:80'],
        'address' => ['sometimes', 'nullable', 'string', 'max:400'],
        'email' => ['sometimes', 'nullable', 'email', 'max:190'],
        'currency' => ['sometimes', 'string', 'regex:~^[A-Za-z]{3}$~'],
        'country' => ['sometimes', 'nullable', 'string', 'max:60'],
        'paper' => ['sometimes', 'in:A4,Letter'],
        'language' => ['sometimes', 'in:en,de'],
        'secondLanguage' => ['sometimes', 'nullable', 'in:en,de', 'different:language'],
        'wage' => ['sometimes', 'numeric', 'min:0', 'max:999'],
        'bagCost' => ['sometimes', 'numeric', 'min:0', 'max:99'],
        'bagMinutes' => ['sometimes', 'numeric', 'min:0', 'max:99'],
        'stripMinutes' => ['sometimes', 'numeric', 'min:0', 'max:99'],
        'publicAddress' => ['sometimes', 'nullable', 'string', 'max:200'],
        'scaleDivision' => ['sometimes', 'numeric', 'min:0.0001', 'max:100'],
        'scaleRepeatability' => ['sometimes', 'numeric', 'min:0.0001', 'max:100'],
        'scaleUnit' => ['sometimes', 'in:mg,g,kg,ct,oz,lb'],
        'scaleStable' => ['sometimes', 'nullable', 'string', 'max:40', 'starts_with:='],
        'checkMass' => ['sometimes', 'numeric', 'min:0.1', 'max:9999'],
        'readsBins' => ['sometimes', 'boolean'],
    ];
    public const MESSAGES = [
        'currency.regex' => 'A currency has three letters, for example EUR.',
        'secondLanguage.different' => 'The second language is another one than the first.',
        'email.email' => 'This is no mail address; customers write to it.',
        '*.numeric' => 'Type a number, for example 0.5.',
    ];

    /**
     * @param array<string, string> $said what was said, by its name
     * @return array<string, string|null> columns of the shop
     */
    public static function columns(array $said): array
    {
        $columns = [];
        foreach (array_intersect_key($said, self::COLUMNS) as $field => $text) {
            $text = match ($field) {
                'currency' => trim(strtoupper($text)),
                'readsBins' => $text === '1' || $text === 'true' ? '1' : '0',
                default => trim($text),
            };
            $columns[self::COLUMNS[$field]] =
                $text === '' && in_array($field, self::EMPTY_IS_NONE, true) ? null : $text;
        }

        return $columns;
    }
}
