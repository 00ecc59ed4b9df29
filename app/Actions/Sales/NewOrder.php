<?php

declare(strict_types=1);

namespace App\Actions\Sales;

/** An order as it comes in. */
final readonly class NewOrder
{
    /** @param non-empty-list<array{article: int|PackedAs, quantity: int, unitPrice: int, currency: string}> $lines article by its id, or a kit as it is sold; unit price in minor units */
    public function __construct(
        public string $number,
        public string $placedOn,
        public string $name,
        public string $email,
        public string $address,
        public array $lines,
    ) {}
}
