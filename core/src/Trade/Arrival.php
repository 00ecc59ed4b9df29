<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** So many of an article that are there from a day on. */
final readonly class Arrival
{
    /**
     * @param int $day days from today, 0 for what is on hand
     * @param int $quantity at least 0
     * @param string $from what brings it, as the caller names it; empty for what is on hand
     */
    public function __construct(public int $article, public int $day, public int $quantity, public string $from = '') {}
}
