<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

/** A stretch of a letter that is of one kind. */
final readonly class Passage
{
    public function __construct(public PassageKind $kind, public string $text) {}
}
