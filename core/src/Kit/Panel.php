<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A panel that serves as jig for the parts behind it. */
final readonly class Panel
{
    /**
     * @param list<string> $parts
     * @param list<string> $plasticLast parts that heat would deform
     */
    public function __construct(public string $by, public array $parts, public array $plasticLast) {}
}
