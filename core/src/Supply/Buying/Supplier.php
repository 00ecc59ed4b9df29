<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/** Who sells parts, and on which terms; amounts in minor units of their currency. */
final readonly class Supplier
{
    /**
     * @param int $shipping of one order
     * @param ?int $freeFrom goods from which nothing is paid for shipping; null: always paid
     * @param ?int $leastOrder goods below which nothing is sold; null: anything is
     * @param ?int $leadDays until it arrives; null: nobody knows
     */
    public function __construct(
        public string $name,
        public string $currency,
        public int $shipping = 0,
        public ?int $freeFrom = null,
        public ?int $leastOrder = null,
        public ?int $leadDays = null,
    ) {}

    /** Goods are worth so much, and something is ordered. */
    public function shippingOf(int $goods): int
    {
        return $this->freeFrom !== null && $goods >= $this->freeFrom ? 0 : $this->shipping;
    }

    public function sells(int $goods): bool
    {
        return $this->leastOrder === null || $goods >= $this->leastOrder;
    }
}
