<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Azimuths;
use Chiralex\Board\Point;
use Chiralex\Board\Side;

/** From where a part is reached: the free directions about its body or each of its joints. */
final readonly class Reachable
{
    /**
     * @param string $need `iron` or `fingers`
     * @param Side $side the side on which the tool comes
     * @param list<array{Point, Azimuths}> $places centre and free directions
     * @param float $reach how far the directions matter, millimetres from the centre
     */
    public function __construct(
        public string $need,
        public Side $side,
        public array $places,
        public float $reach,
        public bool $fits,
    ) {}

    public function isFreeAllRound(): bool
    {
        foreach ($this->places as [, $free]) {
            if ($free->widest() < 360.0 - 1e-6) {
                return false;
            }
        }

        return true;
    }
}
