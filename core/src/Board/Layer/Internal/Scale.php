<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

/** How the numbers of a layer file are read. */
final readonly class Scale
{
    /**
     * @param ?float $unit millimetres
     * @param array{x: int, y: int, whole: int, trailing: bool, steps: bool}|null $format decimals of each axis, whole digits, trailing zeros left out, places counted from the last
     */
    public function __construct(public ?float $unit = null, public ?array $format = null) {}
}
