<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;

/** The plus signs of a legend: two short strokes, level and upright, that cross in their middles; a letter X stands aslant. */
final readonly class Pluses
{
    private const LENGTH = [0.5, 3.0];
    /** Middles this near are one, millimetres. */
    private const SAME = 0.3;
    /** The lines of a 4 cross too, but not in their middles: those of a plus lie this near, of their length. */
    private const ASIDE = 0.12;
    /** Lines off square by no more than this share are square. */
    private const SQUARE = 0.15;
    /** Where more strokes than this lie on one spot, none of them is a sign. */
    private const CROWD = 20;
    /** A plus stands this near the pin it tells of, millimetres. */
    private const REACH = 5.0;

    /**
     * @param list<Point> $centres
     * @param list<LayerObject> $rest what is no part of a plus
     */
    private function __construct(private array $centres, public array $rest) {}

    /** @param list<LayerObject> $objects */
    public static function of(array $objects): self
    {
        $cells = $used = $centres = [];
        foreach ($objects as $index => $object) {
            $stroke = new Stroke($object->points, $object->width, $object->shape === 'region');
            $isShort =
                $stroke->isStraight() &&
                $stroke->isSquare(self::SQUARE) &&
                $stroke->length() >= self::LENGTH[0] &&
                $stroke->length() <= self::LENGTH[1];
            if (!$isShort) {
                continue;
            }
            $middle = $stroke->middle();
            foreach (self::around($cells, $middle) as $other => $before) {
                if (!isset($used[$other]) && self::cross($before, $stroke)) {
                    $used[$other] = $used[$index] = true;
                    $centres[] = $middle;
                    continue 2;
                }
            }
            $cell = self::cell($middle->x) . ' ' . self::cell($middle->y);
            if (count($cells[$cell] ?? []) < self::CROWD) {
                $cells[$cell][$index] = $stroke;
            }
        }

        return new self($centres, array_values(array_diff_key($objects, $used)));
    }

    /**
     * @param list<PlacedBody> $bodies those that have a direction
     * @return array<string, true> designators of the bodies that the signs stand at
     */
    public function owners(array $bodies): array
    {
        $owners = [];
        foreach ($this->centres as $centre) {
            $least = self::REACH;
            $owner = null;
            foreach ($bodies as $body) {
                foreach (count($body->pins) < 2 ? [] : $body->pins as $pin) {
                    if ($pin->distanceTo($centre) < $least) {
                        [$least, $owner] = [$pin->distanceTo($centre), $body->designator];
                    }
                }
            }
            $owners += $owner === null ? [] : [$owner => true];
        }

        return $owners;
    }

    private static function cross(Stroke $one, Stroke $other): bool
    {
        [$a, $b] = [$one->points[0], $one->points[1] ?? $one->points[0]];
        [$c, $d] = [$other->points[0], $other->points[1] ?? $other->points[0]];
        $dot = abs(($b->x - $a->x) * ($d->x - $c->x) + ($b->y - $a->y) * ($d->y - $c->y));

        return min($one->length(), $other->length()) >= 0.7 * max($one->length(), $other->length()) &&
            $dot <= self::SQUARE * $one->length() * $other->length() &&
            $one->middle()->distanceTo($other->middle()) <=
                min(self::SAME, self::ASIDE * min($one->length(), $other->length()));
    }

    /**
     * @param array<string, array<int, Stroke>> $cells
     * @return array<int, Stroke>
     */
    private static function around(array $cells, Point $at): array
    {
        $found = [];
        foreach ([-1, 0, 1] as $i) {
            foreach ([-1, 0, 1] as $j) {
                $found += $cells[self::cell($at->x) + $i . ' ' . (self::cell($at->y) + $j)] ?? [];
            }
        }

        return $found;
    }

    private static function cell(float $at): int
    {
        return (int) floor($at / self::SAME);
    }
}
