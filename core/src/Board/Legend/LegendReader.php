<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Letters\LetterReader;
use Chiralex\Board\Letters\PlaceWords;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;

/**
 * Measures what a legend prints at each place: the body drawn, letters beside it, a sign of its direction. Limits are
 * common practice.
 */
final readonly class LegendReader
{
    /** A line this near a body belongs to it, millimetres. */
    private const ZONE = 1.2;
    /** Letters this near belong to it. */
    private const TEXT = 3.0;
    /** A line further than this from the body it is nearest to is none of its edges. */
    private const FREE = 0.3;
    /** A letter is made of strokes no longer than this, and of at least so many. */
    private const LETTER = 2.6;
    private const STROKES = 3;
    /** Side of the squares by which lines find their bodies. */
    private const CELL = 10.0;
    /** So much of a body's edge has to be drawn. */
    private const DRAWN = 0.5;

    /**
     * @param list<PlacedBody> $bodies on the side of the legend
     * @param list<string> $directed designators of those that have a direction
     * @param array<string, list<string>> $names texts by which the legend may name a part, by designator
     * @param array<string, list<string>> $values spellings of its value
     * @return list<PlacePrint> in natural order of designators
     */
    public function prints(Layer $layer, array $bodies, array $directed, array $names = [], array $values = []): array
    {
        usort($bodies, static fn(PlacedBody $a, PlacedBody $b): int => strnatcmp($a->designator, $b->designator));
        $dark = array_values(array_filter($layer->objects, static fn(LayerObject $each): bool => $each->isDark));
        $signs = Pluses::of(Curves::joined($dark));
        $pluses = $signs->owners(
            array_values(
                array_filter(
                    $bodies,
                    static fn(PlacedBody $body): bool => in_array($body->designator, $directed, true),
                ),
            ),
        );
        $words = (new LetterReader())->places($signs->rest, $bodies, $names, $values);
        $mine = $letters = [];
        $near = self::near($bodies);
        foreach ($signs->rest as $object) {
            [$owner, $readers] = $this->owners($object, $bodies, $near[self::cell($object->points[0])] ?? []);
            if ($owner !== null) {
                $mine[$owner][] = self::stroke($object, $bodies[$owner]);
            }
            foreach ($readers as $index) {
                $letters[$index][] = self::stroke($object, $bodies[$index]);
            }
        }

        return array_map(
            fn(PlacedBody $body, int $index): PlacePrint => $this->print(
                $body,
                $mine[$index] ?? [],
                $letters[$index] ?? [],
                in_array($body->designator, $directed, true)
                    ? (isset($pluses[$body->designator])
                        ? 'plus'
                        : 'some')
                    : 'none',
                $words[$body->designator] ?? null,
            ),
            $bodies,
            array_keys($bodies),
        );
    }

    /**
     * The body a line belongs to, and those that a letter may name: whose it is, nobody can tell where several stand near.
     *
     * @param list<PlacedBody> $bodies
     * @param list<int> $near those that can own it
     * @return array{?int, list<int>}
     */
    private function owners(LayerObject $object, array $bodies, array $near): array
    {
        $owner = null;
        $least = INF;
        $isFree = true;
        $readers = [];
        [$first, $extent] = [$object->points[0], self::extent($object)];
        foreach ($near as $index) {
            [$a, $b] = self::half($bodies[$index]);
            // Most lines of the neighbourhood are another body's; those need no turning.
            if ($first->distanceTo($bodies[$index]->centre) > $extent + hypot($a, $b) + self::TEXT) {
                continue;
            }
            $stroke = self::stroke($object, $bodies[$index]);
            $off = self::off($stroke, $a, $b);
            if ($off <= self::TEXT && $stroke->length() <= self::LETTER) {
                $readers[] = $index;
            }
            if ($stroke->isWithin($a + self::ZONE, $b + self::ZONE) && $off < $least) {
                [$owner, $least] = [$index, $off];
                $isFree = $off > self::FREE;
            }
        }

        return [$owner, $isFree ? array_values(array_diff($readers, [$owner])) : []];
    }

    /**
     * @param list<Stroke> $strokes in the frame of the body
     * @param list<Stroke> $letters beside it
     * @param string $direction `plus` where a plus sign stands at one of its pins, `some` where it has a direction, `none` where it has not
     */
    private function print(
        PlacedBody $body,
        array $strokes,
        array $letters,
        string $direction,
        ?PlaceWords $words,
    ): PlacePrint {
        [$a, $b] = self::half($body);
        [$edge, $small] = self::drawn($strokes, $a, $b);
        $drawn = $edge >= self::DRAWN * 4 * ($a + $b);
        $signs = new SignFinder();
        $mark = $direction === 'plus' ? 'plus' : $signs->find($body, $strokes, $a, $b);
        $isMinus = $direction === 'some' && $mark === 'none' && $signs->hasMinus($body, [...$letters, ...$strokes]);
        $mark = $isMinus ? 'minus' : $mark;
        $text = count($letters) >= self::STROKES || ($small > self::STROKES && $mark === 'none');
        $isRead = $words !== null && $words->isRead();
        $shows = [
            ...($isRead ? $words->name : $text) ? ['designator'] : [],
            ...$isRead && $words->value !== '' ? ['value'] : [],
            ...$drawn ? ['outline'] : [],
        ];

        return new PlacePrint(
            $body->designator,
            $shows === [] ? ['nothing'] : $shows,
            $mark,
            $isRead,
            $words->value ?? '',
            $words->others ?? [],
        );
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

    /** How far an object reaches from where it begins, millimetres. */
    private static function extent(LayerObject $object): float
    {
        $extent = 0.0;
        foreach ($object->points as $point) {
            $extent = max($extent, $point->distanceTo($object->points[0]));
        }

        return $extent;
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
