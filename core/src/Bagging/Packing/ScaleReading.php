<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/** One line that a scale sent. */
final readonly class ScaleReading
{
    /**
     * @param float $at seconds, of any clock that goes on
     * @param bool $isStable false while the scale says that it still moves
     */
    public function __construct(public float $at, public float $grams, public bool $isStable = true) {}
}
