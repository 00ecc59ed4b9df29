<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** A kit that left the shop. */
final readonly class ShippedKit
{
    /**
     * @param string $serial unique
     * @param string $lot of the part that matters, as the shop keeps it; empty where nobody says
     * @param string $date `2026-06-04`
     */
    public function __construct(
        public string $serial,
        public string $revision,
        public string $lot,
        public string $run,
        public string $option,
        public string $date,
    ) {}
}
