<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Two parts of which one comes first. */
final readonly class Before
{
    public function __construct(public string $first, public string $then) {}
}
