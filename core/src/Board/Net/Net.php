<?php

declare(strict_types=1);

namespace Chiralex\Board\Net;

/** What is joined on a board. */
final readonly class Net
{
    /** @param list<string> $pins `R1.1`, in natural order */
    public function __construct(public string $name, public array $pins) {}
}
