<?php

declare(strict_types=1);

namespace App\Http\Requests\Sales;

use App\Actions\Sales\NewOrder;
use App\Actions\Sales\OrderCsv;
use App\Actions\Sales\PackedAs;
use App\Http\Requests\OperationRequest;
use App\Http\Requests\Options;
use App\Models\Shop;
use Chiralex\Trade\Dealing;
use Closure;

/**
 * Lines of an order: each an article by its id, or a kit as it is sold.
 *
 * @phpstan-import-type Line from NewOrder
 * @phpstan-type Asked array{articleId?: ?int, kitId?: ?int, quantity: int, price?: ?string, currency?: ?string, options?: ?string, packSize?: int, dealing?: string}
 */
abstract class OrderLinesRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    protected function lineRules(): array
    {
        return [
            'lines' => ['required', 'array', 'between:1,60'],
            'lines.*.articleId' => ['required_without:lines.*.kitId', 'integer', 'exists:articles,id'],
            'lines.*.kitId' => ['required_without:lines.*.articleId', 'integer', 'exists:kits,id'],
            'lines.*.quantity' => ['required', 'integer', 'between:1,999'],
            'lines.*.price' => [
                'nullable',
                'string',
                static function (string $field, mixed $value, Closure $fail): void {
                    if (is_string($value) && OrderCsv::minor(trim($value)) === null) {
                        $fail("Price \"{$value}\" is none; write it like 18.50.");
                    }
                },
            ],
            'lines.*.currency' => ['nullable', 'regex:/^[A-Za-z]{3}$/'],
            'lines.*.options' => ['nullable', 'string', 'max:200'],
            'lines.*.packSize' => ['sometimes', 'integer', 'in:1,5,10,20'],
            'lines.*.dealing' => ['sometimes', 'in:kind,pupil'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lines.*' => 'Say what is ordered: at least one article, at most 60 lines.',
            'lines.*.kitId.*' => 'Choose a kit from the Shelf, or an article.',
            'lines.*.articleId.*' => 'There is no such article any more; reload the page.',
            'lines.*.quantity.*' => 'How many? A whole number from 1 to 999.',
            'lines.*.currency.regex' => 'Write the currency with three letters, like EUR.',
        ];
    }

    /** @return non-empty-list<Line> */
    public function orderLines(): array
    {
        /** @var non-empty-list<Asked> $lines */
        $lines = $this->validated('lines');

        return array_map(
            static fn(array $line): array => [
                'article' => $line['articleId'] ?? self::packed($line),
                'quantity' => (int) $line['quantity'],
                'unitPrice' => OrderCsv::minor(trim($line['price'] ?? '')) ?? 0,
                'currency' => strtoupper($line['currency'] ?? '') ?: Shop::ours()->currency,
            ],
            $lines,
        );
    }

    /** @param Asked $line */
    private static function packed(array $line): PackedAs
    {
        return new PackedAs(
            $line['kitId'] ?? 0,
            Options::text($line['options'] ?? ''),
            max(1, (int) ($line['packSize'] ?? 1)),
            Dealing::tryFrom($line['dealing'] ?? '') ?? Dealing::Single,
        );
    }
}
