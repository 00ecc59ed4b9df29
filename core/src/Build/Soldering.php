<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** How the joints of a step are made: solder by their geometry, the iron by alloy and mass. */
final readonly class Soldering
{
    /**
     * @param float $solder millimetres of 0.8 mm solder wire
     * @param ?int $iron degrees Celsius of the tip; null where nothing is soldered
     * @param bool $heavy true where a joint draws much heat
     */
    public function __construct(public float $solder, public ?int $iron, public bool $heavy) {}
}
