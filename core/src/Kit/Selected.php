<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Parts measured and paired before packing. */
final readonly class Selected
{
    /** @param list<string> $parts */
    public function __construct(public array $parts, public string $maxDifference) {}
}
