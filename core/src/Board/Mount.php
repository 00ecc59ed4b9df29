<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** How a body stands on its board. */
final readonly class Mount
{
    /**
     * @param ?float $grams only a mass that is known, typed in or weighed
     * @param bool $pierces true when its leads come out on the other side; false for an IC in its socket
     */
    public function __construct(public ?float $grams = null, public bool $pierces = true) {}
}
