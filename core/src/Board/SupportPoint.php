<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** A point of the board or of a part on it that could touch the table. */
final readonly class SupportPoint
{
    /** @param string $owner a designator, or `corner x,y` */
    public function __construct(public float $x, public float $y, public float $z, public string $owner) {}
}
