<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** When an order can ship whole, and what it waits for. */
final readonly class Promise
{
    /**
     * @param ?int $day days from today; null when nothing that is known to come is enough
     * @param list<string> $from what brings the last of what it waits for, by name; empty when all is on hand
     * @param array<int, int> $missing article to how many nobody makes yet, above nought
     */
    public function __construct(public ?int $day, public array $from, public array $missing) {}

    /** All it takes is on hand, and nobody before it in the row needs it. */
    public function isToday(): bool
    {
        return $this->day === 0;
    }
}
