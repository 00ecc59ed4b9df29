<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** The upright box around an outline, its edge with it, millimetres: told from afar what cannot lie inside. */
final readonly class Box
{
    private function __construct(private float $left, private float $low, private float $right, private float $high) {}

    public static function around(Polygon $outline): self
    {
        return new self(...$outline->bounds());
    }

    public function holds(Point $point): bool
    {
        return $point->x >= $this->left &&
            $point->x <= $this->right &&
            $point->y >= $this->low &&
            $point->y <= $this->high;
    }
}
