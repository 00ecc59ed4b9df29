<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\Azimuths;
use Chiralex\Board\FreeApproach;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;

/** What one part needs to be reached: each of its joints by the iron, and its body by two fingers where it is gripped by the body. */
final readonly class Approach
{
    private const GRIPPED = [Kind::TerminalBlock, Kind::Jack, Kind::BarrelJack, Kind::Relay, Kind::Switch, Kind::Button, Kind::PinHeader, Kind::SocketStrip, Kind::BoxHeader, Kind::Connector];

    private FreeApproach $free;

    /** @param bool $front true where joints are made on the side the part stands on */
    public function __construct(
        private KitPart $part,
        private PlacedBody $body,
        private bool $front,
    ) {
        $this->free = new FreeApproach();
    }

    /** @return list<string> `iron` and, where it is gripped by the body, `fingers` */
    public function needs(): array
    {
        return in_array($this->part->kind(), self::GRIPPED, true) ? ['iron', 'fingers'] : ['iron'];
    }

    /**
     * Bodies that could stand in the way of a need at all.
     *
     * @param list<PlacedBody> $bodies
     * @return list<PlacedBody>
     */
    public function near(string $need, array $bodies): array
    {
        $side = $need === 'fingers' || $this->front ? $this->body->side : $this->body->side->other();

        return array_values(array_filter($bodies, fn(PlacedBody $other): bool => $other->board === $this->body->board && $other->side === $side && $other->designator !== $this->body->designator && $this->reaches($need, $other)));
    }

    /** @param list<PlacedBody> $bodies that stand around */
    public function fits(string $need, array $bodies): bool
    {
        if ($need === 'fingers') {
            return $this->free->fingersFit($this->free->fingers($this->body, $bodies));
        }
        foreach ($this->body->pins as $pin) {
            if (!$this->free->ironFits($this->free->iron($pin, $bodies))) {
                return false;
            }
        }

        return true;
    }

    /**
     * The directions left free, for the drawing.
     *
     * @param list<PlacedBody> $bodies
     * @return list<array{Point, Azimuths}> centre and directions: of each joint, or of the body
     */
    public function directions(string $need, array $bodies): array
    {
        return $need === 'fingers'
            ? [[$this->body->centre, $this->free->fingers($this->body, $bodies)]]
            : array_values(array_map(fn(Point $pin): array => [$pin, $this->free->iron($pin, $bodies)], $this->body->pins));
    }

    private function reaches(string $need, PlacedBody $other): bool
    {
        $size = hypot($other->outline->along, $other->outline->across) / 2;
        if ($need === 'fingers') {
            return $other->height > $this->body->height / 2 && $this->body->centre->distanceTo($other->centre) < $size + hypot($this->body->outline->along, $this->body->outline->across) / 2 + 8.1;
        }
        foreach ($this->body->pins as $pin) {
            if ($pin->distanceTo($other->centre) < $size + $other->height + 3.6) {
                return true;
            }
        }

        return false;
    }
}
