<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Point;

/** One graphics object of a layer file, with what the file says of it. */
final readonly class LayerObject
{
    /**
     * @param string $shape `flash`, `draw` or `region`
     * @param non-empty-list<Point> $points place of a flash; the ends of a draw, arcs as chords; the contour of a region
     * @param array<string, list<string>> $attributes object attributes by name, `.C` to `['R1']`
     * @param list<string> $function of the aperture, `['ComponentMain']`
     * @param float $width of the aperture that draws or flashes it, millimetres; 0 for a region
     * @param list<Patch> $patches shape of the aperture about its origin, mirrored, turned and scaled; empty for a round one
     * @param bool $isDark false for what takes away the ink laid before it
     */
    public function __construct(
        public string $shape,
        public array $points,
        public array $attributes,
        public array $function,
        public float $width = 0.0,
        public array $patches = [],
        public bool $isDark = true,
    ) {}

    /** The first field of an attribute, empty where there is none. */
    public function says(string $attribute): string
    {
        return $this->attributes[$attribute][0] ?? '';
    }

    public function shifted(float $x, float $y): self
    {
        return $this->mapped(static fn(Point $point): Point => $point->plus($x, $y), $this->patches, $this->width);
    }

    /**
     * @param callable(Point): Point $to
     * @param list<Patch> $patches
     */
    public function mapped(callable $to, array $patches, float $width, bool $isTurnedOver = false): self
    {
        return new self(
            $this->shape,
            array_map($to, $this->points),
            $this->attributes,
            $this->function,
            $width,
            $patches,
            $this->isDark !== $isTurnedOver,
        );
    }
}
