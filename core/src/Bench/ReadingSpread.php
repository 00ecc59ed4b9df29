<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** How far a reading goes from kit to kit. */
final readonly class ReadingSpread
{
    /**
     * @param Interval $worst the least and the most with every part at an end of its tolerance
     * @param Interval $usual the central 95 %
     * @param bool $atCorners true where the worst case is exact; false where it is a bound within 1e-4
     * @param bool $cutShort true where the search for the worst case was stopped: no kit is further out, but the bound may be wide
     */
    public function __construct(
        public Interval $worst,
        public Interval $usual,
        public bool $atCorners,
        public bool $cutShort = false,
    ) {}
}
