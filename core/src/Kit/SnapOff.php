<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A board that is broken off its neighbour. */
final readonly class SnapOff
{
    /** @param list<string> $before what comes after it */
    public function __construct(public string $board, public array $before) {}
}
