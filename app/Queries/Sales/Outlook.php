<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use Chiralex\Supply\Pace;
use Chiralex\Trade\Promise;

/** What is promised of the open orders, and what the promises rest on. */
final readonly class Outlook
{
    /**
     * @param array<int, Promise> $promises by order; what brings the missing pieces is the number of a run
     * @param array<int, ?array{int, float}> $runs unfinished run to the day from today on which it is done, with the chance; null where nobody can tell
     */
    public function __construct(public array $promises, public array $runs, public Pace $pace) {}

    /** @return ?array{int, float} days from today on which an order ships, with the chance that it does */
    public function dayOf(Promise $promise): ?array
    {
        if ($promise->day === null || $promise->from === []) {
            return $promise->isToday() ? [0, 1.0] : null;
        }

        return $this->runs[(int) $promise->from[count($promise->from) - 1]] ?? null;
    }
}
