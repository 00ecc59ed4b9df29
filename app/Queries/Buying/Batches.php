<?php

declare(strict_types=1);

namespace App\Queries\Buying;

/** What is to be bought for: kits with how many of each, and what is left out or put otherwise to see what it would cost. */
final readonly class Batches
{
    /**
     * @param array<int, int> $kits id of a kit to how many
     * @param ?int $without a supplier who is left out
     * @param array<string, string> $rates currency to another rate, tried
     */
    public function __construct(
        public array $kits,
        public bool $spares = false,
        public ?int $without = null,
        public array $rates = [],
    ) {}
}
