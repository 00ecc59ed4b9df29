<?php

declare(strict_types=1);

namespace App\Actions\Sales;

/** How somebody wants a table of orders to be read, where it does not say so itself. */
final readonly class OrderReading
{
    /**
     * @param ?array<string, int> $columns field to column; null: as the headers say
     * @param ?bool $dayFirst of days that can be read in two ways
     * @param array<string, int> $names what the table calls an article, to the article
     */
    public function __construct(
        public ?array $columns = null,
        public ?bool $dayFirst = null,
        public array $names = [],
    ) {}
}
