<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

use Chiralex\Board\Point;

/** A line, an arc of chords or a dot of a legend, in the frame of a body: u along it, v across, from its centre. */
final readonly class Stroke
{
    /**
     * @param non-empty-list<Point> $points one for a dot, the corners of an area
     * @param bool $isArea a filled area
     */
    public function __construct(public array $points, public float $width, public bool $isArea = false) {}

    /** @return array{float, float, float, float} least u and v, greatest u and v */
    public function bounds(): array
    {
        [$us, $vs] = [array_column($this->points, 'x'), array_column($this->points, 'y')];

        return [min($us), min($vs), max($us), max($vs)];
    }

    public function isStraight(): bool
    {
        return count($this->points) === 2 && !$this->isArea;
    }

    /** True for a line along or across the frame, off by no more than a share of its length. */
    public function isSquare(float $share): bool
    {
        $last = $this->points[count($this->points) - 1];
        [$u, $v] = [abs($last->x - $this->points[0]->x), abs($last->y - $this->points[0]->y)];

        return min($u, $v) <= $share * max($u, $v);
    }

    public function length(): float
    {
        $length = 0.0;
        for ($i = 1; $i < count($this->points); ++$i) {
            $length += $this->points[$i - 1]->distanceTo($this->points[$i]);
        }

        return $length;
    }

    public function middle(): Point
    {
        $last = $this->points[count($this->points) - 1];

        return new Point(($this->points[0]->x + $last->x) / 2, ($this->points[0]->y + $last->y) / 2);
    }

    /** True where all of it lies in a box about the centre. */
    public function isWithin(float $u, float $v): bool
    {
        foreach ($this->points as $point) {
            if (abs($point->x) > $u || abs($point->y) > $v) {
                return false;
            }
        }

        return true;
    }
}
