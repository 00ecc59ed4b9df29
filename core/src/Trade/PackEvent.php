<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** One thing that happened in a packing run. */
final readonly class PackEvent
{
    /**
     * @param int $line of the run, from 0
     * @param int $pack of the run, from 0
     * @param string $lot only for a new lot
     */
    public function __construct(
        public PackAction $action,
        public int $line,
        public int $pack,
        public string $lot = '',
    ) {}
}
