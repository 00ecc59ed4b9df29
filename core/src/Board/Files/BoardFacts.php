<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Polygon;

/** What the files of one board say of it, in their own coordinates, millimetres. */
final readonly class BoardFacts
{
    /** Outlines whose bounds differ by more than this are of different origins, millimetres. */
    private const SAME = 0.5;

    /**
     * @param ?Polygon $outline its centre line; null where no file has it
     * @param list<Polygon> $cutouts closed contours inside it that are no holes
     * @param list<DrilledHole> $holes by x, then y; each once
     * @param list<DrilledSlot> $slots
     */
    public function __construct(
        public ?Polygon $outline,
        public array $cutouts = [],
        public array $holes = [],
        public array $slots = [],
    ) {}

    /** True where the files and an outline count from the same origin. */
    public function isAt(Polygon $outline): bool
    {
        foreach ($this->outline?->bounds() ?? [] as $index => $value) {
            if (abs($value - $outline->bounds()[$index]) > self::SAME) {
                return false;
            }
        }

        return $this->outline !== null;
    }

    /** Square millimetres, less what is cut out; null without an outline. */
    public function area(): ?float
    {
        return $this->outline === null
            ? null
            : $this->outline->area() -
                    array_sum(array_map(static fn(Polygon $cutout): float => $cutout->area(), $this->cutouts));
    }
}
