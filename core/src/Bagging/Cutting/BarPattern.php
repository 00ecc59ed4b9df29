<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Cutting;

/** How some bars are cut, all alike. */
final readonly class BarPattern
{
    /**
     * @param int $times bars cut so
     * @param list<float> $pieces of one bar, the longest first, in the unit of the stock
     * @param float $waste left of one bar
     */
    public function __construct(public int $times, public array $pieces, public float $waste) {}
}
