<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;

/** The parts that stand on one board by a step, the best to point to first: of the rarest look, then of the largest body. */
final readonly class Landmarks
{
    /** How far a landmark may lie off the bearing, in degrees. */
    private const WITHIN = 30.0;
    /** Farther away an edge of the board is easier to find, millimetres between the centres; common practice, no source. */
    private const NEAR = 25.0;

    /** @param list<non-empty-list<Landmark>> $ranked those of one rank together */
    private function __construct(private array $ranked) {}

    /** @param list<Landmark> $fitted of one board */
    public static function of(array $fitted): self
    {
        $looks = array_count_values(array_map(static fn(Landmark $landmark): string => $landmark->look, $fitted));
        $ranked = [];
        foreach ($fitted as $landmark) {
            $ranked["{$looks[$landmark->look]} {$landmark->area}"][] = $landmark;
        }
        usort(
            $ranked,
            static fn(array $a, array $b): int => $looks[$a[0]->look] <=> $looks[$b[0]->look] ?:
            $b[0]->area <=> $a[0]->area,
        );

        return new self($ranked);
    }

    /**
     * The rarest look within 30 degrees of a direction and 25 mm on the side of a body, then the largest body, then the nearest.
     *
     * @param Point $direction from the body's centre, in board coordinates
     * @return ?string its designator
     */
    public function towards(PlacedBody $from, Point $direction): ?string
    {
        foreach ($this->ranked as $landmarks) {
            $nearest = $this->nearest($landmarks, $from, $direction);
            if ($nearest !== null) {
                return $nearest;
            }
        }

        return null;
    }

    /** @param non-empty-list<Landmark> $landmarks */
    private function nearest(array $landmarks, PlacedBody $from, Point $direction): ?string
    {
        $best = $nearest = null;
        foreach ($landmarks as $landmark) {
            $body = $landmark->body;
            if ($body->face->side !== $from->face->side || $body->designator === $from->designator) {
                continue;
            }
            $x = $body->centre->x - $from->centre->x;
            $y = $body->centre->y - $from->centre->y;
            $far = hypot($x, $y);
            // An angle of the board is the same in every view of it.
            if (
                $far < 1e-6 ||
                round($far, 6) > self::NEAR ||
                abs(
                    round(
                        rad2deg(
                            atan2($x * $direction->y - $y * $direction->x, $x * $direction->x + $y * $direction->y),
                        ),
                        6,
                    ),
                ) > self::WITHIN
            ) {
                continue;
            }
            $key = [round($far, 3), $body->designator];
            if ($nearest === null || $key < $nearest) {
                [$best, $nearest] = [$body->designator, $key];
            }
        }

        return $best;
    }
}
