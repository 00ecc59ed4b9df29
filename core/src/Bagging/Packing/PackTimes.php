<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/** What the moves of packing take, in seconds; the defaults are common practice, no source, until a run has been timed. */
final readonly class PackTimes
{
    /**
     * @param float $walk to a bin and back
     * @param float $grip to find the place of a line: open the bin, set the count
     * @param float $count one piece
     * @param float $place what was counted into one bag
     * @param float $layOut one open bag on the table, when many kits lie side by side
     * @param float $close one bag with its label
     * @param float $check one bag against its list or on the scale
     */
    public function __construct(
        public float $walk = 5.0,
        public float $grip = 1.5,
        public float $count = 0.8,
        public float $place = 1.0,
        public float $layOut = 2.5,
        public float $close = 8.0,
        public float $check = 4.0,
    ) {}
}
