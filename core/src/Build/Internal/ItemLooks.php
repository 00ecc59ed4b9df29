<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

/** Which items look alike. */
final readonly class ItemLooks
{
    /**
     * @param list<array<int, true>> $alike look-alikes of each item, those of its crowds left out
     * @param list<array<int, int>> $crowds large groups of look-alikes that an item is in, with its look in each
     */
    public function __construct(public array $alike, public array $crowds) {}
}
