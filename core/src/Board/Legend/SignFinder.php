<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;

/** Finds the sign of direction among the lines at a place, by its shape. */
final readonly class SignFinder
{
    /** Lines off square by no more than this share are square. */
    private const SQUARE = 0.15;
    private const SMALL = 3.0;
    /** A sign by itself is this far from every other line, millimetres. */
    private const ALONE = 1.2;

    /**
     * @param list<Stroke> $strokes in the frame of the body
     * @param float $a half its length
     * @param float $b half its width
     */
    public function find(PlacedBody $body, array $strokes, float $a, float $b): string
    {
        $count = count($body->pins);

        // A one-pin body has no direction; the flat side of a round one is no bar.
        return match (true) {
            $count < 2 => 'none',
            $this->hasFlat($strokes, $a, $b) => 'flat',
            $this->hasBar($strokes, $a, $b, $count) => 'bar',
            $count >= 6 && $this->hasNotch($strokes, $a, $b) => 'notch',
            $this->hasFilledHalf($strokes, $a, $b) => 'minus',
            $this->hasFilledBar($strokes, $a, $b, $count) => 'bar',
            $this->hasSquare($body, $strokes) => 'square',
            $this->hasDot($body, $strokes) => 'dot',
            default => 'none',
        };
    }

    /**
     * A line across the body, off its middle and inside its ends; on three pins and more along it.
     *
     * @param list<Stroke> $strokes
     */
    private function hasBar(array $strokes, float $a, float $b, int $pins): bool
    {
        foreach ($strokes as $stroke) {
            if (!$stroke->isStraight()) {
                continue;
            }
            [$from, $to] = [$stroke->points[0], $stroke->points[1]];
            [$du, $dv] = [abs($to->x - $from->x), abs($to->y - $from->y)];
            [$u, $v] = [abs($stroke->middle()->x), abs($stroke->middle()->y)];
            $across = $du <= self::SQUARE * $dv && $dv >= 1.2 * $b && $u > 0.25 * $a && $u < $a - 0.25;
            $along = $dv <= self::SQUARE * $du && $du >= 1.2 * $a && $v > 0.25 * $b && $v < $b - 0.2;
            if ($pins <= 2 ? $across : $along) {
                return true;
            }
        }

        return false;
    }

    /**
     * A filled bar across the body, off its middle; on three pins and more along it.
     *
     * @param list<Stroke> $strokes
     */
    private function hasFilledBar(array $strokes, float $a, float $b, int $pins): bool
    {
        foreach ($strokes as $stroke) {
            if (!$stroke->isArea) {
                continue;
            }
            [$left, $low, $right, $high] = $stroke->bounds();
            [$u, $v] = [abs($left + $right) / 2, abs($low + $high) / 2];
            $across = $high - $low >= 1.2 * $b && $right - $left <= 0.6 * $a && $u > 0.25 * $a;
            $along = $right - $left >= 1.2 * $a && $high - $low <= 0.6 * $b && $v > 0.25 * $b;
            if ($pins <= 2 ? $across : $along) {
                return true;
            }
        }

        return false;
    }

    /**
     * A filled part of a round body, on one side of its middle.
     *
     * @param list<Stroke> $strokes
     */
    private function hasFilledHalf(array $strokes, float $a, float $b): bool
    {
        foreach ($strokes as $stroke) {
            [$left, $low, $right, $high] = $stroke->bounds();
            $isHalf =
                hypot(($left + $right) / 2, ($low + $high) / 2) >= 0.3 * min($a, $b) &&
                max($right - $left, $high - $low) >= 1.2 * min($a, $b) &&
                min($right - $left, $high - $low) >= 0.2 * min($a, $b);
            if ($stroke->isArea && abs($a - $b) <= 0.2 * $a && $isHalf) {
                return true;
            }
        }

        return false;
    }

    /**
     * A short stroke by itself beside one of two pins, level on the board: an upright one is a letter's.
     *
     * @param list<Stroke> $strokes
     */
    public function hasMinus(PlacedBody $body, array $strokes): bool
    {
        [$first, $second] = [...$this->pins($body), null, null];
        if ($first === null || $second === null || count($body->pins) > 2) {
            return false;
        }
        foreach ($strokes as $index => $stroke) {
            $near = [$stroke->middle()->distanceTo($first), $stroke->middle()->distanceTo($second)];
            $isShort =
                $stroke->isStraight() &&
                self::isLevel($stroke, $body->rotation) &&
                $stroke->length() >= 0.6 &&
                $stroke->length() <= 2.5;
            if (!$isShort || min($near) > 4.0 || abs($near[0] - $near[1]) < 1.0) {
                continue;
            }
            $others = array_filter(
                $strokes,
                static fn(Stroke $other, int $at): bool => $at !== $index && self::gap($stroke, $other) < self::ALONE,
                ARRAY_FILTER_USE_BOTH,
            );
            if ($others === []) {
                return true;
            }
        }

        return false;
    }

    private static function isLevel(Stroke $stroke, float $rotation): bool
    {
        [$from, $to] = array_map(static fn(Point $point): Point => $point->turned($rotation), $stroke->points);

        return abs($to->y - $from->y) <= self::SQUARE * abs($to->x - $from->x);
    }

    /** Between the ends and the middle of one and those of the other, millimetres. */
    private static function gap(Stroke $one, Stroke $other): float
    {
        $least = INF;
        foreach ([...$one->points, $one->middle()] as $a) {
            foreach ([...$other->points, $other->middle()] as $b) {
                $least = min($least, $a->distanceTo($b));
            }
        }

        return $least;
    }

    /**
     * A small arc at the middle of an end.
     *
     * @param list<Stroke> $strokes
     */
    private function hasNotch(array $strokes, float $a, float $b): bool
    {
        foreach ($strokes as $stroke) {
            $middle = $stroke->middle();
            $atEnd = hypot($middle->x, abs($middle->y) - $b) <= 1.0 || hypot(abs($middle->x) - $a, $middle->y) <= 1.0;
            if (!$stroke->isArea && count($stroke->points) >= 4 && $stroke->length() <= 6.0 && $atEnd) {
                return true;
            }
        }

        return false;
    }

    /**
     * A straight side of a round body.
     *
     * @param list<Stroke> $strokes
     */
    private function hasFlat(array $strokes, float $a, float $b): bool
    {
        $round = array_filter(
            $strokes,
            static fn(Stroke $each): bool => !$each->isArea && count($each->points) >= 6 && $each->length() >= $a + $b,
        );
        $straight = array_filter(
            $strokes,
            static fn(Stroke $each): bool => $each->isStraight() &&
                $each->length() >= 1.5 &&
                hypot($each->middle()->x, $each->middle()->y) >= 0.4 * min($a, $b),
        );

        return $round !== [] && $straight !== [];
    }

    /**
     * Four equal sides around a pin.
     *
     * @param list<Stroke> $strokes
     */
    private function hasSquare(PlacedBody $body, array $strokes): bool
    {
        foreach ($this->pins($body) as $pin) {
            $sides = array_filter(
                $strokes,
                static fn(Stroke $each): bool => $each->isStraight() &&
                    $each->length() >= 1.0 &&
                    $each->length() <= self::SMALL &&
                    abs($each->middle()->distanceTo($pin) - $each->length() / 2) <= 0.15,
            );
            if (count($sides) === 4) {
                return true;
            }
        }

        return false;
    }

    /**
     * A dot or a small ring nearer the first pin than any other, and not on it.
     *
     * @param list<Stroke> $strokes
     */
    private function hasDot(PlacedBody $body, array $strokes): bool
    {
        $pins = $this->pins($body);
        $first = $pins[0] ?? null;
        foreach ($first === null ? [] : $strokes as $stroke) {
            $isDot =
                count($stroke->points) === 1
                    ? $stroke->width <= 2.0
                    : count($stroke->points) >= 6 && $stroke->length() <= 5.0;
            $distances = array_map(static fn(Point $pin): float => $pin->distanceTo($stroke->middle()), $pins);
            if ($isDot && $distances !== [] && $distances[0] <= min($distances) && $distances[0] > 0.2) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Point> in the frame of the body */
    private function pins(PlacedBody $body): array
    {
        return array_values(
            array_map(
                static fn(Point $pin): Point => (new Point(
                    $pin->x - $body->centre->x,
                    $pin->y - $body->centre->y,
                ))->turned(-$body->rotation),
                $body->pins,
            ),
        );
    }
}
