<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Lie;
use Chiralex\Board\Prop;
use Chiralex\Reason\Reason;

/** What a step takes. */
final readonly class StepWork
{
    /**
     * @param ?Lie $lie how the board lies while the step is soldered
     * @param ?Prop $prop what levels the board meanwhile, where it lies too steep
     * @param int $joints solder joints made in this step
     * @param ?Reason $time where the minutes come from
     * @param list<Reason> $cautions
     * @param bool $isAskew the board lies too steep for stiff pins, and the one block of the kit does not level it
     */
    public function __construct(
        public ?Lie $lie,
        public ?Prop $prop,
        public int $joints,
        public float $minutes,
        public Soldering $soldering,
        public ?Reason $time,
        public array $cautions,
        public bool $isAskew = false,
    ) {}
}
