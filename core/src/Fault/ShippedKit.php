<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** A kit that left the shop. */
final readonly class ShippedKit
{
    /**
     * @param string $serial unique
     * @param list<string> $lots its pieces came from, as the shop keeps them; none where nobody says
     * @param string $date `2026-06-04`
     */
    public function __construct(
        public string $serial,
        public string $revision,
        public array $lots,
        public string $run,
        public string $option,
        public string $date,
    ) {}
}
