<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Point;

/** A line of a legend with the box about it, millimetres. */
final readonly class InkLine
{
    /** Between lines of one letter there may be so much more than their ink, millimetres. */
    private const SLACK = 0.01;

    /** @param non-empty-list<Point> $points */
    private function __construct(
        public array $points,
        public float $pen,
        public float $left,
        public float $low,
        public float $width,
        public float $height,
    ) {}

    public static function of(LayerObject $object): self
    {
        $points = $object->shape === 'region' ? [...$object->points, $object->points[0]] : $object->points;
        [$xs, $ys] = [array_column($points, 'x'), array_column($points, 'y')];

        return new self($points, $object->width, min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /** True where the boxes about both come near enough to touch. */
    public function isBeside(self $other): bool
    {
        $reach = $this->reach($other);

        return $this->left <= $other->left + $other->width + $reach &&
            $other->left <= $this->left + $this->width + $reach &&
            $this->low <= $other->low + $other->height + $reach &&
            $other->low <= $this->low + $this->height + $reach;
    }

    public function touches(self $other): bool
    {
        $reach = $this->reach($other);

        return $this->isBeside($other) &&
            ($this->comesTo($other->points, $reach) ||
                $other->comesTo($this->points, $reach) ||
                $this->crosses($other->points));
    }

    private function reach(self $other): float
    {
        return ($this->pen + $other->pen) / 2 + self::SLACK;
    }

    /** @param list<Point> $points */
    private function comesTo(array $points, float $reach): bool
    {
        foreach ($points as $point) {
            foreach ($this->points as $index => $from) {
                if (self::off($point, $from, $this->points[$index + 1] ?? $from) <= $reach) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<Point> $points */
    private function crosses(array $points): bool
    {
        for ($i = 1; $i < count($this->points); ++$i) {
            for ($j = 1; $j < count($points); ++$j) {
                [$a, $b, $c, $d] = [$this->points[$i - 1], $this->points[$i], $points[$j - 1], $points[$j]];
                if (
                    self::side($a, $b, $c) * self::side($a, $b, $d) < 0.0 &&
                    self::side($c, $d, $a) * self::side($c, $d, $b) < 0.0
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function side(Point $from, Point $to, Point $at): float
    {
        return ($to->x - $from->x) * ($at->y - $from->y) - ($to->y - $from->y) * ($at->x - $from->x);
    }

    private static function off(Point $at, Point $from, Point $to): float
    {
        [$dx, $dy] = [$to->x - $from->x, $to->y - $from->y];
        $square = $dx * $dx + $dy * $dy;
        $share =
            $square <= 0.0
                ? 0.0
                : max(0.0, min(1.0, (($at->x - $from->x) * $dx + ($at->y - $from->y) * $dy) / $square));

        return hypot($from->x + $share * $dx - $at->x, $from->y + $share * $dy - $at->y);
    }
}
