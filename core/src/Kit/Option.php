<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A choice the customer has: a box drilled or plain, a battery or a jack. */
final readonly class Option
{
    /** An amount in the shop's currency, of at most two decimals. */
    public const MONEY = '~^-?\d{1,7}(?:\.\d{1,2})?$~D';

    /**
     * @param non-empty-array<string, list<string>> $values name of a value to the designators that come with it
     * @param array<string, string> $prices name of a value to what it adds to the price, in the shop's currency, `4.00`
     */
    public function __construct(
        public string $name,
        public array $values,
        public string $default,
        public string $chosen,
        public array $prices = [],
    ) {}
}
