<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** Which board a board is still part of. */
final readonly class Joined
{
    /**
     * @param ?string $to its name; null for a board of its own
     * @param Point $at where its origin lies on that board
     */
    public function __construct(public ?string $to = null, public Point $at = new Point(0.0, 0.0)) {}
}
