<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** The hole that a kind takes in a panel: bush plus a little room. Common practice, no source; the data sheet comes first. */
final readonly class PanelHole
{
    /**
     * @param float $diameter millimetres
     * @param string $stack code of what goes on in which order
     */
    public function __construct(public float $diameter, public string $stack) {}
}
