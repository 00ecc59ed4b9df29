<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A screw, nut or standoff, and what it holds. */
final readonly class Fixing
{
    /** @param list<string> $holds */
    public function __construct(public string $by, public array $holds) {}
}
