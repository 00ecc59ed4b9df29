<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

/** A scale, and how sure one wants to be with it. */
final readonly class Scale
{
    /**
     * @param float $division smallest step it shows, grams
     * @param float $repeatability standard deviation of a reading of the same thing, grams
     * @param float $alarm share of right bags that are called wrong
     * @param float $power share of bags with one piece missing that have to be found
     */
    public function __construct(
        public float $division = 0.01,
        public float $repeatability = 0.01,
        public float $alarm = 0.01,
        public float $power = 0.99,
    ) {}

    /** Variance of a reading and of the tare, grams squared. */
    public function variance(): float
    {
        return 2.0 * ($this->repeatability ** 2 + $this->division ** 2 / 12.0);
    }
}
