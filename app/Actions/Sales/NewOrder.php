<?php

declare(strict_types=1);

namespace App\Actions\Sales;

/**
 * An order as it comes in: articles by their id, or kits as they are sold; unit prices in minor units.
 *
 * @phpstan-type Line array{article: int|PackedAs, quantity: int, unitPrice: int, currency: string}
 */
final readonly class NewOrder
{
    /** @param non-empty-list<Line> $lines */
    public function __construct(
        public string $number,
        public string $placedOn,
        public string $name,
        public string $email,
        public string $address,
        public array $lines,
    ) {}
}
