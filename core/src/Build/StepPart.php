<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Part\Hold;
use Chiralex\Reason\Reason;

/** A part in a step. */
final readonly class StepPart
{
    /**
     * @param ?float $height millimetres; null for wires and off-board items
     * @param ?float $gap top to table at the part's centre, millimetres; null where the table has no say
     * @param list<Reason> $reasons
     */
    public function __construct(
        public string $designator,
        public ?float $height,
        public Hold $hold,
        public ?float $gap,
        public array $reasons,
    ) {}
}
