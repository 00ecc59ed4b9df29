<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

/** One way to meet the demand of a line. */
final readonly class LineOption
{
    /**
     * @param array<int, int> $orders supplier to pieces
     * @param array<int, int> $goods supplier to minor units of their currency
     * @param int $mask suppliers as bits
     */
    public function __construct(public array $orders, public array $goods, public int $mask, public int $pieces) {}
}
