<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Board\Internal\Reach;

/** From where an iron reaches a joint and fingers reach a body, past the bodies that stand around: exact angular arcs. */
final readonly class FreeApproach
{
    /** The iron needs this many degrees in one piece. */
    public const IRON = 90.0;
    /** Each of two opposite finger gaps, degrees. */
    public const FINGER = 40.0;
    /** How close to the iron a body may stand, and how far from the joint it begins to rise (45 degrees), millimetres. */
    private const IRON_MARGIN = 1.5;
    private const IRON_START = 2.0;
    /** How deep fingers reach beside a body, millimetres. */
    private const FINGER_DEPTH = 8.0;

    /**
     * Directions from which an iron at 45 degrees reaches a joint.
     *
     * @param list<PlacedBody> $bodies on the side of the joint
     */
    public function iron(Point $joint, array $bodies): Azimuths
    {
        $blocked = Azimuths::none();
        foreach ($bodies as $body) {
            $blocked = $blocked->with($this->ironBlockedBy($joint, $body));
        }

        return $blocked->complement();
    }

    /**
     * Whether an iron fits, told as soon as it does not: the nearest bodies are looked at first.
     *
     * @param list<PlacedBody> $bodies on the side of the joint
     */
    public function ironReaches(Point $joint, array $bodies): bool
    {
        $away = array_map(static fn(PlacedBody $body): float => $joint->distanceTo($body->centre), $bodies);
        asort($away);
        $blocked = Azimuths::none();
        foreach (array_keys($away) as $index) {
            $body = $bodies[$index];
            if (!$this->isNearIron($joint, $body)) {
                continue;
            }
            $blocked = $blocked->with($this->ironBlockedBy($joint, $body));
            if (!$this->ironFits($blocked->complement())) {
                return false;
            }
        }

        return true;
    }

    /** A body in the way of the iron stands where the iron is lower than its top: closer than its height and two millimetres. */
    public function ironBlockedBy(Point $joint, PlacedBody $body): Azimuths
    {
        return Reach::to($body->footprint(), $joint, $body->height + self::IRON_START, self::IRON_MARGIN);
    }

    /**
     * Directions in which fingers find room beside a body, past neighbours taller than half of it.
     *
     * @param list<PlacedBody> $neighbours on its side
     */
    public function fingers(PlacedBody $body, array $neighbours): Azimuths
    {
        $blocked = Azimuths::none();
        foreach ($neighbours as $other) {
            $blocked = $blocked->with($this->fingersBlockedBy($body, $other));
        }

        return $blocked->complement();
    }

    public function fingersBlockedBy(PlacedBody $body, PlacedBody $other): Azimuths
    {
        if ($other->height <= $body->height / 2 || $other->designator === $body->designator) {
            return Azimuths::none();
        }
        $blocked = Azimuths::none();
        foreach ($this->within($body, $other) as $piece) {
            // Only what stands in the ring around the body counts; seen from its middle it blocks as far as it reaches.
            $blocked = $blocked->with(Reach::to($piece, $body->centre, INF, 0.0));
        }

        return $blocked;
    }

    /**
     * How far round a body and its joints others can stand in the way of a finger or an iron at all, millimetres.
     *
     * @param float $largest how far a body of the kit reaches at most from its centre, its height added
     */
    public static function reach(PlacedBody $body, float $largest): float
    {
        return $largest + self::half($body) + M_SQRT2 * self::FINGER_DEPTH;
    }

    /** How far a body and the space over it reach at most from its centre: half its diagonal and its height, millimetres. */
    public static function extent(PlacedBody $body): float
    {
        return self::half($body) + $body->height;
    }

    /** False for a body too far from a joint to be in the way of the iron, told without its outline. */
    public function isNearIron(Point $joint, PlacedBody $body): bool
    {
        return $joint->distanceTo($body->centre) - self::half($body) - self::IRON_MARGIN <=
            $body->height + self::IRON_START;
    }

    /** False for a neighbour too low or too far to be in the way of fingers, told without its outline. */
    public function isNearFingers(PlacedBody $body, PlacedBody $other): bool
    {
        return $other->height > $body->height / 2 &&
            $body->centre->distanceTo($other->centre) <=
                self::half($other) + self::half($body) + M_SQRT2 * self::FINGER_DEPTH;
    }

    public function ironFits(Azimuths $free): bool
    {
        return $free->widest() >= self::IRON - 1e-9;
    }

    public function fingersFit(Azimuths $free): bool
    {
        return $free->shrunk(self::FINGER / 2)->hasOpposites();
    }

    /** @return list<Polygon> the part of another footprint within the finger's depth of the body; empty where it is out of reach */
    private function within(PlacedBody $body, PlacedBody $other): array
    {
        $inside = $other->footprint()->clippedTo($body->footprint()->grown(self::FINGER_DEPTH));

        return count($inside->corners) < 3 ? [] : [$inside];
    }

    private static function half(PlacedBody $body): float
    {
        return hypot($body->outline->along, $body->outline->across) / 2;
    }
}
