<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/** Suppliers, what they ask, and what their money is worth. */
final readonly class Market
{
    /**
     * @param list<Supplier> $suppliers
     * @param list<Rate> $rates of each, into the shop's currency
     */
    public function __construct(public string $currency, public array $suppliers, public array $rates) {}
}
