<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** Kits that left too lately to be built, and their reports. */
final readonly class YoungKits
{
    public function __construct(public int $kits, public int $reports) {}
}
