<?php

declare(strict_types=1);

namespace App\Actions\Sales;

/** An order as it comes in. */
final readonly class NewOrder
{
    /** @param non-empty-list<array{kitId: int, quantity: int, unitPrice: int, currency: string, options?: string, packSize?: int}> $lines unit price in minor units, of a class pack where it is one; options as `box=drilled;power=jack` */
    public function __construct(
        public string $number,
        public string $placedOn,
        public string $name,
        public string $email,
        public string $address,
        public array $lines,
    ) {}
}
