<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

/** The facts of a price, each with its limits; a share is written as one, 0.4 for 40 %. */
trait NamesPriceFacts
{
    private const SHARES = ['feeShare', 'margin', 'tax', 'holding', 'pack5', 'pack10', 'pack20'];
    private const AMOUNTS = [
        'setUp',
        'setUpMinutes',
        'kitMinutes',
        'feeFixed',
        'shipping',
        'reportMinutes',
        'reportCost',
    ];

    /** @return array<string, list<mixed>> */
    private static function factRules(): array
    {
        $rules = ['batch' => ['nullable', 'integer', 'between:1,500']];
        foreach (self::SHARES as $name) {
            $rules[$name] = ['nullable', 'string', 'regex:/^(?:0(?:[.,]\d{1,4})?|[.,]\d{1,4})$/D'];
        }
        foreach (self::AMOUNTS as $name) {
            $rules[$name] = ['nullable', 'string', 'regex:/^\d{1,6}(?:[.,]\d{1,4})?$/D'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    private static function factMessages(): array
    {
        $messages = ['batch.*' => 'A batch has 1 to 500 kits.'];
        foreach (self::SHARES as $name) {
            $messages["{$name}.regex"] = 'Write a share below 100 %.';
        }
        foreach (self::AMOUNTS as $name) {
            $messages["{$name}.regex"] = 'Write a number like 4.50, not below nought.';
        }

        return $messages;
    }

    /** @return array<string, string> those that are said */
    private function said(): array
    {
        $facts = [];
        foreach (['batch', ...self::SHARES, ...self::AMOUNTS] as $name) {
            if ($this->filled($name)) {
                $facts[$name] =
                    preg_replace('~^\.~', '0.', str_replace(',', '.', (string) $this->string($name))) ?? '0';
            }
        }

        return $facts;
    }
}
