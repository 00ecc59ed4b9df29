<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What closes over other parts. */
final readonly class Cover
{
    /** @param list<string> $over */
    public function __construct(public string $by, public array $over) {}
}
