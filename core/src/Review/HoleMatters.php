<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\PlacedBody;
use Chiralex\Kit\Kit;
use Chiralex\Part\BodyShape;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/**
 * Bodies over the holes that screws go through. Which holes those are is common practice, no source: not plated, at least as wide as
 * an M2.5 screw passes; narrower ones are for the pegs of parts.
 */
final readonly class HoleMatters implements MatterSource
{
    /** Clearance hole of M2.5, millimetres (ISO 273, medium, is 2.9; boards are often drilled 2.7). */
    private const SCREW = 2.7;
    /** Less than this is the tolerance of bodies and drills, millimetres. */
    private const PLAY = 0.2;
    /** Kinds that a screw holds down, through the hole under them. */
    private const BOLTED = [Kind::HeatSink, Kind::Regulator, Kind::Transistor, Kind::Transformer, Kind::Standoff];

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->findings->drawn->boards as $board => $facts) {
            $holes = array_filter(
                $facts->holes,
                static fn(DrilledHole $hole): bool => !$hole->plated && $hole->diameter >= self::SCREW,
            );
            foreach ($holes as $hole) {
                array_push($matters, ...$this->covering((string) $board, $hole, $subject->kit));
            }
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function covering(string $board, DrilledHole $hole, Kit $kit): array
    {
        $matters = [];
        foreach ($kit->bodies() as $name => $body) {
            $part = $kit->part((string) $name);
            $passes =
                $part === null ||
                $body->face->board !== $board ||
                in_array($part->kind(), self::BOLTED, true) ||
                $part->row->is(Role::Fastener);
            $mm = $passes ? 0.0 : $hole->diameter / 2 - $this->distance($body, $hole);
            if ($mm > self::PLAY + 1e-9) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    'board.hole-covered',
                    [
                        'designator' => (string) $name,
                        'mm' => round($mm, 1),
                        'diameter' => round($hole->diameter, 2),
                        'x' => round($hole->at->x, 2),
                        'y' => round($hole->at->y, 2),
                    ],
                    [(string) $name],
                );
            }
        }

        return $matters;
    }

    /** From the middle of a hole to the edge of a body, 0 inside it, millimetres. */
    private function distance(PlacedBody $body, DrilledHole $hole): float
    {
        $at = $hole->at->plus(-$body->centre->x, -$body->centre->y)->turned(-$body->rotation);
        [$a, $b] = [$body->outline->along / 2, $body->outline->across / 2];

        return in_array($body->outline->shape, [BodyShape::Can, BodyShape::Dome], true)
            ? max(0.0, hypot($at->x, $at->y) - max($a, $b))
            : hypot(max(0.0, abs($at->x) - $a), max(0.0, abs($at->y) - $b));
    }
}
