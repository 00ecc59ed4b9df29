<?php

declare(strict_types=1);

namespace App\Http\Requests\Buying;

use App\Queries\Buying\Batches;

/** Kits that are to be bought for, as `3:20,5:10`: twenty of kit 3 and ten of kit 5. */
trait TakesBatches
{
    private const KITS = '/^[1-9]\d{0,9}:[1-9]\d{0,4}(?:,[1-9]\d{0,9}:[1-9]\d{0,4}){0,19}$/D';
    private const RATES = '/^[A-Z]{3}=\d{1,6}(?:\.\d{1,8})?(?:,[A-Z]{3}=\d{1,6}(?:\.\d{1,8})?){0,9}$/D';

    /** @return array<string, list<mixed>> */
    private static function batchRules(): array
    {
        return [
            'kits' => ['required', 'string', 'max:400', 'regex:' . self::KITS],
            'spares' => ['nullable', 'in:0,1,true,false'],
            'without' => ['nullable', 'integer', 'exists:suppliers,id'],
            'rates' => ['nullable', 'string', 'max:200', 'regex:' . self::RATES],
        ];
    }

    /** @return array<string, string> */
    private static function batchMessages(): array
    {
        return [
            'kits.*' => 'Say for how many kits: a whole number, 1 to 99999.',
            'without.exists' => 'There is no such supplier; reload the page.',
            'rates.regex' => 'Write a rate like 0.92.',
        ];
    }

    public function batches(): Batches
    {
        $kits = $rates = [];
        foreach (explode(',', (string) $this->string('kits')) as $pair) {
            [$kit, $count] = array_map(intval(...), explode(':', $pair));
            $kits[$kit] = min(99_999, ($kits[$kit] ?? 0) + $count);
        }
        foreach (explode(',', (string) $this->string('rates')) as $pair) {
            [$currency, $rate] = [...explode('=', $pair), ''];
            if ($rate === '') {
                continue;
            }
            $rates[$currency] = $rate;
        }

        return new Batches(
            $kits,
            $this->boolean('spares'),
            $this->filled('without') ? $this->integer('without') : null,
            $rates,
        );
    }
}
