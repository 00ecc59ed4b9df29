<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Point;
use Chiralex\Reason\Reason;

/** A part that no iron or finger reaches in the order the fixed rules leave: the wish is given up, and the place is named. */
final readonly class DroppedRule
{
    /**
     * @param string $part designator that is closed in
     * @param list<string> $by designators that stand in the way
     * @param Reason $need what it needs: `order.iron` or `order.fingers`
     * @param bool $always true when no order helps, false when a fixed rule forbids the one that would
     * @param ?float $room millimetres more that they would have to stand off, where that was found
     */
    public function __construct(
        public string $part,
        public array $by,
        public Reason $need,
        public bool $always,
        public Point $at,
        public string $board,
        public ?float $room,
    ) {}
}
