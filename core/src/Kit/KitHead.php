<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What a revision is called. */
final readonly class KitHead
{
    public function __construct(public string $code, public string $name, public string $revision) {}
}
