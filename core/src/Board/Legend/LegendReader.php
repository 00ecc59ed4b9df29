<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;

/** Measures what a legend prints at each place: the body drawn, letters beside it, a sign of its direction. Limits are common practice. */
final readonly class LegendReader
{
    /** A line this near a body belongs to it, millimetres. */
    private const ZONE = 1.2;
    /** Letters this near belong to it. */
    private const TEXT = 3.0;
    /** A letter is made of strokes no longer than this, and of at least so many. */
    private const LETTER = 2.6;
    private const STROKES = 3;
    /** Side of the squares by which lines find their bodies. */
    private const CELL = 10.0;
    /** So much of a body's edge has to be drawn. */
    private const DRAWN = 0.5;

    /**
     * @param list<PlacedBody> $bodies on the side of the legend
     * @return list<PlacePrint> in natural order of designators
     */
    public function prints(Layer $layer, array $bodies): array
    {
        usort($bodies, static fn(PlacedBody $a, PlacedBody $b): int => strnatcmp($a->designator, $b->designator));
        $mine = $letters = [];
        $near = self::near($bodies);
        foreach ($layer->objects as $object) {
            [$index, $isText] = $this->owner($object, $bodies, $near[self::cell($object->points[0])] ?? []);
            if ($index === null || !$object->isDark) {
                continue;
            }
            if ($isText) {
                $letters[$index][] = self::stroke($object, $bodies[$index]);
            } else {
                $mine[$index][] = self::stroke($object, $bodies[$index]);
            }
        }

        return array_map(
            fn(PlacedBody $body, int $index): PlacePrint => $this->print(
                $body,
                $mine[$index] ?? [],
                $letters[$index] ?? [],
            ),
            $bodies,
            array_keys($bodies),
        );
    }

    /**
     * @param list<PlacedBody> $bodies
     * @param list<int> $near those that can own it
     * @return array{?int, bool} the body a line belongs to, and whether it is part of letters beside it
     */
    private function owner(LayerObject $object, array $bodies, array $near): array
    {
        $best = $beside = null;
        $least = $far = INF;
        foreach ($near as $index) {
            $body = $bodies[$index];
            $stroke = self::stroke($object, $body);
            [$a, $b] = self::half($body);
            $off = self::off($stroke, $a, $b);
            if ($stroke->isWithin($a + self::ZONE, $b + self::ZONE) && $off < $least) {
                [$best, $least] = [$index, $off];
            } elseif ($off <= self::TEXT && $off < $far && $stroke->length() <= self::LETTER) {
                [$beside, $far] = [$index, $off];
            }
        }

        return $best === null ? [$beside, true] : [$best, false];
    }

    /**
     * @param list<Stroke> $strokes in the frame of the body
     * @param list<Stroke> $letters beside it
     */
    private function print(PlacedBody $body, array $strokes, array $letters): PlacePrint
    {
        [$a, $b] = self::half($body);
        [$edge, $small] = self::drawn($strokes, $a, $b);
        $drawn = $edge >= self::DRAWN * 4 * ($a + $b);
        $signs = new SignFinder();
        $mark = $signs->find($body, $strokes, $a, $b);
        // A plus stands outside the body as often as on it.
        $isBeside = $mark === 'none' && $signs->hasPlus([...$letters, ...$strokes]);
        $mark = match (true) {
            $isBeside => 'plus',
            $mark === 'none' && $signs->hasMinus($body, [...$letters, ...$strokes]) => 'minus',
            default => $mark,
        };
        $text = count($letters) - ($isBeside ? 2 : 0) >= self::STROKES || ($small > self::STROKES && $mark === 'none');
        $shows = [...$text ? ['designator'] : [], ...$drawn ? ['outline'] : []];

        return new PlacePrint($body->designator, $shows === [] ? ['nothing'] : $shows, $mark);
    }

    /**
     * @param list<Stroke> $strokes
     * @return array{float, int} how much of the edge of a body is drawn, millimetres; short strokes inside it
     */
    private static function drawn(array $strokes, float $a, float $b): array
    {
        $edge = 0.0;
        $small = 0;
        foreach ($strokes as $stroke) {
            $middle = $stroke->middle();
            $atEdge = abs(abs($middle->x) - $a) <= self::ZONE || abs(abs($middle->y) - $b) <= self::ZONE;
            if ($stroke->length() > self::LETTER || $atEdge) {
                $edge += $stroke->length();
            } else {
                ++$small;
            }
        }

        return [$edge, $small];
    }

    /**
     * Bodies by the cells in which a line of theirs can begin.
     *
     * @param list<PlacedBody> $bodies
     * @return array<string, list<int>>
     */
    private static function near(array $bodies): array
    {
        $near = [];
        foreach ($bodies as $index => $body) {
            $reach = hypot(...self::half($body)) + self::TEXT + self::LETTER;
            [$left, $low] = self::square($body->centre->plus(-$reach, -$reach));
            [$right, $high] = self::square($body->centre->plus($reach, $reach));
            for ($x = $left; $x <= $right; ++$x) {
                for ($y = $low; $y <= $high; ++$y) {
                    $near["{$x} {$y}"][] = $index;
                }
            }
        }

        return $near;
    }

    private static function cell(Point $point): string
    {
        return implode(' ', self::square($point));
    }

    /** @return array{int, int} */
    private static function square(Point $point): array
    {
        return [(int) floor($point->x / self::CELL), (int) floor($point->y / self::CELL)];
    }

    /** @return array{float, float} half its length and half its width */
    private static function half(PlacedBody $body): array
    {
        return [$body->outline->along / 2, $body->outline->across / 2];
    }

    /** How far a stroke lies outside a box, millimetres; the mean of its ends. */
    private static function off(Stroke $stroke, float $a, float $b): float
    {
        $sum = 0.0;
        foreach ($stroke->points as $point) {
            $sum += hypot(max(0.0, abs($point->x) - $a), max(0.0, abs($point->y) - $b));
        }

        return $sum / count($stroke->points);
    }

    private static function stroke(LayerObject $object, PlacedBody $body): Stroke
    {
        return new Stroke(
            array_map(
                static fn(Point $point): Point => (new Point(
                    $point->x - $body->centre->x,
                    $point->y - $body->centre->y,
                ))->turned(-$body->rotation),
                $object->points,
            ),
            $object->width,
            $object->shape === 'region',
        );
    }
}
