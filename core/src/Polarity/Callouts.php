<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Board\Point;
use Chiralex\Board\View;

/** Writes callouts: bearing as the builder holds the board, with a landmark fitted by then. */
final readonly class Callouts
{
    /** How far a landmark may lie off the bearing, in degrees. */
    private const WITHIN = 30.0;

    /** @param list<Landmark> $fitted parts already on the board at that step */
    public function callout(PolarPart $part, int $reading, array $fitted): Callout
    {
        $direction = $part->direction();
        $bearing = $landmark = null;
        if ($part->body !== null && $direction !== null) {
            $view = new View($reading, $part->body->side);
            $bearing = $view->bearing($direction);
            $landmark = $this->landmark($part, $bearing, $view, $fitted);
        }

        return new Callout(
            $part->designator,
            $part->kind,
            $part->fitMark,
            $part->mark,
            $part->terminal,
            $part->boardMark,
            $bearing,
            $bearing === null ? null : View::word($bearing),
            $landmark,
            $part->consequence,
            $part->replace,
            $part->squarePad,
        );
    }

    /**
     * The rarest look within 30 degrees, then the largest body, then the nearest; else the edge the mark faces.
     *
     * @param list<Landmark> $fitted
     */
    private function landmark(PolarPart $part, float $bearing, View $view, array $fitted): string
    {
        $own = $part->body;
        // A look is as rare as it is on the board at hand.
        $here = array_filter($fitted, static fn(Landmark $landmark): bool => $own !== null && $landmark->body->board === $own->board);
        $looks = array_count_values(array_map(static fn(Landmark $landmark): string => $landmark->look, $here));
        $best = null;
        $bestKey = null;
        foreach ($here as $landmark) {
            $body = $landmark->body;
            if ($own === null || $body->designator === $own->designator || $body->side !== $own->side) {
                continue;
            }
            $way = new Point($body->centre->x - $own->centre->x, $body->centre->y - $own->centre->y);
            $off = abs(fmod($view->bearing($way) - $bearing + 540.0, 360.0) - 180.0);
            if ($off > self::WITHIN || hypot($way->x, $way->y) < 1e-6) {
                continue;
            }
            $key = [$looks[$landmark->look], -round($body->outline->area(), 3), round(hypot($way->x, $way->y), 3), $body->designator];
            if ($bestKey === null || $key < $bestKey) {
                [$best, $bestKey] = [$body->designator, $key];
            }
        }

        return $best ?? ['top', 'right', 'bottom', 'left'][(int) floor(fmod($bearing + 45.0, 360.0) / 90.0)] . ' edge';
    }
}
