<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\Azimuths;
use Chiralex\Board\BodyGrid;
use Chiralex\Board\FreeApproach;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Role;

/** What one part needs to be reached: each of its joints by the iron, and its body by two fingers where it is gripped by the body. */
final readonly class Approach
{
    private FreeApproach $free;

    /** @param bool $front true where joints are made on the side the part stands on */
    public function __construct(private KitPart $part, private PlacedBody $body, private bool $front)
    {
        $this->free = new FreeApproach();
    }

    /** @return list<string> `iron` and, where it is gripped by the body, `fingers` */
    public function needs(): array
    {
        return $this->part->row->is(Role::Gripped) ? ['iron', 'fingers'] : ['iron'];
    }

    /**
     * Bodies that could stand in the way of a need at all.
     *
     * @param BodyGrid $bodies of the kit
     * @param float $largest how far a body of the kit reaches at most from its centre, its height added, millimetres
     * @return list<PlacedBody>
     */
    public function near(string $need, BodyGrid $bodies, float $largest): array
    {
        $around = $bodies->around(
            $this->body->face->board,
            [$this->body->centre, ...array_values($this->body->pins)],
            FreeApproach::reach($this->body, $largest),
        );
        $side = $need === 'fingers' || $this->front ? $this->body->face->side : $this->body->face->side->other();

        return array_values(
            array_filter(
                $around,
                fn(PlacedBody $other): bool => $other->face->board === $this->body->face->board &&
                    $other->face->side === $side &&
                    $other->designator !== $this->body->designator &&
                    $this->reaches($need, $other),
            ),
        );
    }

    /** @param list<PlacedBody> $bodies that stand around */
    public function fits(string $need, array $bodies): bool
    {
        if ($need === 'fingers') {
            return $this->free->fingersFit($this->free->fingers($this->body, $bodies));
        }
        foreach ($this->body->pins as $pin) {
            if (!$this->free->ironReaches($pin, $bodies)) {
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
            : array_values(
                array_map(fn(Point $pin): array => [$pin, $this->free->iron($pin, $bodies)], $this->body->pins),
            );
    }

    private function reaches(string $need, PlacedBody $other): bool
    {
        if ($need === 'fingers') {
            return $this->free->isNearFingers($this->body, $other);
        }
        foreach ($this->body->pins as $pin) {
            if ($this->free->isNearIron($pin, $other)) {
                return true;
            }
        }

        return false;
    }
}
