<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\View;

/** Writes callouts: bearing as the builder holds the board, with a landmark fitted by then. */
final readonly class Callouts
{
    /** @param ?Landmarks $fitted parts already on its board at that step */
    public function callout(PolarPart $part, int $turn, ?Landmarks $fitted): Callout
    {
        $direction = $part->direction();
        $bearing = $landmark = null;
        if ($part->body !== null && $direction !== null) {
            $view = new View($turn, $part->body->face->side);
            $bearing = $view->bearing($direction);
            $landmark = $this->landmark($part->body, $direction, $bearing, $fitted);
        }

        return new Callout(
            $part->designator,
            $part->kind,
            $part->signs,
            $part->print,
            new Pointing($bearing, $bearing === null ? null : View::word($bearing), $landmark),
            $part->reversal,
        );
    }

    private function landmark(PlacedBody $own, Point $direction, float $bearing, ?Landmarks $fitted): string
    {
        return $fitted?->towards($own, $direction) ??
            ['top', 'right', 'bottom', 'left'][(int) floor(fmod($bearing + 45.0, 360.0) / 90.0)] . ' edge';
    }
}
