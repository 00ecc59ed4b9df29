<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Point;

/** An area that is inked, or that takes away the ink laid before it. */
final readonly class Patch
{
    /**
     * @param list<list<Point>> $contours millimetres; what lies in an even number of them is outside
     * @param bool $isDark false for an area that takes ink away
     */
    public function __construct(public array $contours, public bool $isDark = true) {}

    /** @param callable(Point): Point $to */
    public function mapped(callable $to): self
    {
        return new self(
            array_map(static fn(array $contour): array => array_map($to, $contour), $this->contours),
            $this->isDark,
        );
    }
}
